import { App as AntApp, ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import { kitTheme } from '../theme/antd';
import '../theme/kit.css';

/** The component kit with our tokens; only screens that need it load it. */
export function Kit({ children }: { children: ReactNode }) {
  return (
    <ConfigProvider theme={kitTheme} componentSize="middle" wave={{ disabled: true }}>
      <AntApp className="kit-root" message={{ maxCount: 2 }}>
        {children}
      </AntApp>
    </ConfigProvider>
  );
}
