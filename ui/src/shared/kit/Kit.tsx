import { App, ConfigProvider } from 'antd';
import { useMemo, useSyncExternalStore } from 'react';
import type { ReactNode } from 'react';
import { kitTheme } from '../theme/antd';
import { useTheme } from '../theme/theme';

const FINGER = window.matchMedia('(pointer: coarse)');

/** Whether people work with fingers here. */
const useFinger = () =>
  useSyncExternalStore(
    (tell) => {
      FINGER.addEventListener('change', tell);
      return () => FINGER.removeEventListener('change', tell);
    },
    () => FINGER.matches,
  );

/** The component kit in our own look, around everything. */
export function Kit({ children }: { children: ReactNode }) {
  const [theme] = useTheme();
  const finger = useFinger();
  const look = useMemo(() => kitTheme(theme, finger), [theme, finger]);
  return (
    <ConfigProvider theme={look} componentSize="middle" wave={{ disabled: true }} button={{ autoInsertSpace: false }}>
      <App component={false} message={{ maxCount: 2, top: 40 }}>
        {children}
      </App>
    </ConfigProvider>
  );
}
