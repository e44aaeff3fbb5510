import { useEffect, useState } from 'react';

export type ThemeName = 'day' | 'night';

const KEY = 'harbor-theme';

/** The user's own choice of theme, kept in this browser. */
export function useTheme(): [ThemeName, (next: ThemeName) => void] {
  const [theme, setTheme] = useState<ThemeName>(() => (localStorage.getItem(KEY) === 'night' ? 'night' : 'day'));
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
    localStorage.setItem(KEY, theme);
  }, [theme]);
  return [theme, setTheme];
}
