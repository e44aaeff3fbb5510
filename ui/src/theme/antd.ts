import type { ThemeConfig } from 'antd';

/** The component kit reads the same tokens as everything else. */
export const kitTheme: ThemeConfig = {
  cssVar: { key: 'harbor-kit' },
  hashed: false,
  token: {
    fontFamily: 'var(--sans)',
    fontSize: 13,
    borderRadius: 3,
    controlHeight: 28,
    colorPrimary: '#1c6b73',
    colorError: '#b5382c',
    colorWarning: '#b98a2f',
    colorSuccess: '#4f7a4a',
    boxShadow: 'none',
    boxShadowSecondary: '0 0 0 1px var(--rule)',
    motion: false,
  },
};
