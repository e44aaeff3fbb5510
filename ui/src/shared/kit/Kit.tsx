import { App, ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import { kitTheme } from '../theme/antd';
import { useTheme } from '../theme/theme';

const THEMES = { day: kitTheme('day'), night: kitTheme('night') };

/** The component kit in our own look, around everything. */
export function Kit({ children }: { children: ReactNode }) {
  const [theme] = useTheme();
  return (
    <ConfigProvider
      theme={THEMES[theme]}
      componentSize="middle"
      wave={{ disabled: true }}
      button={{ autoInsertSpace: false }}
    >
      <App component={false} message={{ maxCount: 2, top: 40 }}>
        {children}
      </App>
    </ConfigProvider>
  );
}
