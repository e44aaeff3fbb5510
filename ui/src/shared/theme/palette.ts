/** The one place for colours. Names say what a colour means, not how it looks. */
export interface Palette {
  ground: string;
  panel: string;
  ink: string;
  'ink-soft': string;
  rule: string;
  'rule-soft': string;
  chosen: string;
  'chosen-wash': string;
  caution: string;
  'caution-mark': string;
  stop: string;
  'stop-wash': string;
  met: string;
  bar: string;
  'on-bar': string;
  'on-bar-soft': string;
  grid: string;
  paper: string;
  line: string;
}

export type ThemeName = 'day' | 'night';

export const PALETTES: Record<ThemeName, Palette> = {
  day: {
    ground: '#f7f4ec',
    panel: '#fbf9f3',
    ink: '#14262e',
    'ink-soft': '#4c5b60',
    rule: '#d9d2c1',
    'rule-soft': '#e8e3d5',
    chosen: '#1c6b73',
    'chosen-wash': '#e0ebea',
    caution: '#8a6212',
    'caution-mark': '#b98a2f',
    stop: '#b5382c',
    'stop-wash': '#f6e4de',
    met: '#41693d',
    bar: '#14262e',
    'on-bar': '#f7f4ec',
    'on-bar-soft': '#b9c6c8',
    grid: '#ebe6d8',
    paper: '#fcfbf6',
    line: '#14262e',
  },
  night: {
    ground: '#0e181d',
    panel: '#13212a',
    ink: '#e4e0d2',
    'ink-soft': '#a3afb0',
    rule: '#2c3e47',
    'rule-soft': '#1f2f37',
    chosen: '#6fc0c4',
    'chosen-wash': '#17343a',
    caution: '#dcb15c',
    'caution-mark': '#dcb15c',
    stop: '#f0867a',
    'stop-wash': '#3a2220',
    met: '#93c48b',
    bar: '#081014',
    'on-bar': '#e4e0d2',
    'on-bar-soft': '#93a2a5',
    grid: '#18262d',
    paper: '#16252e',
    line: '#cfd3c8',
  },
};

const variables = (p: Palette) =>
  Object.entries(p)
    .map(([name, value]) => `--${name}:${value}`)
    .join(';');

/** The colours as the variables that every style sheet reads; paper is light whatever the screen is. */
export const PALETTE_SHEET = `:root{${variables(PALETTES.day)}}@media screen{:root[data-theme='night']{${variables(PALETTES.night)}}}`;
