import { useSyncExternalStore } from 'react';
import { PALETTE_SHEET } from './palette';
import type { ThemeName } from './palette';

const KEY = 'harbor-theme';

let theme: ThemeName = localStorage.getItem(KEY) === 'night' ? 'night' : 'day';
const told = new Set<() => void>();

/** Before anything is drawn, so that nothing flashes in the other theme. */
const sheet = document.createElement('style');
sheet.textContent = PALETTE_SHEET;
document.head.prepend(sheet);
document.documentElement.dataset.theme = theme;

function choose(next: ThemeName) {
  theme = next;
  localStorage.setItem(KEY, next);
  document.documentElement.dataset.theme = next;
  told.forEach((tell) => tell());
}

function subscribe(tell: () => void) {
  told.add(tell);
  return () => told.delete(tell);
}

/** The user's own choice of theme, kept in this browser. */
export function useTheme(): [ThemeName, (next: ThemeName) => void] {
  return [useSyncExternalStore(subscribe, () => theme), choose];
}
