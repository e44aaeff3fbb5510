import { useEffect, useRef } from 'react';
import type { Schemas } from '../../shared/api/client';
import { isTyping } from '../../shared/kit/typing';
import { nudged } from './logic';

export interface BenchActions {
  canEdit: boolean;
  choose: (placement: string) => void;
  set: (key: string, value: number) => void;
  askRemove: (placement: string) => void;
  undo: () => void;
  redo: () => void;
  openFit: (placement: string) => void;
  view: (view: string) => void;
  lens: (id: string) => void;
  help: () => void;
  budget: () => void;
  balance: () => void;
  hands: () => void;
  left: () => void;
  configure: () => void;
  tell: (words: string) => void;
  measuring: boolean;
  measure: () => void;
  /** The drawing nearer by a factor, or all of it. */
  zoom: (by: number) => void;
  fit: () => void;
}

const VIEW_KEYS: Record<string, string> = { '1': 'RIGHT', '2': 'LEFT', '3': 'FRONT', '4': 'ABOVE' };
const SETTLE_MS = 350;

function step<T>(all: readonly T[], at: number, by: number): T | undefined {
  return all[Math.min(all.length - 1, Math.max(0, at + by))];
}

/** The Bench by keyboard. Nudges are gathered for a moment, so that one push of a slide is one entry in the journal. */
export function useBenchKeys(bench: Schemas['Bench'] | undefined, chosen: string, actions: BenchActions, off: boolean) {
  const pending = useRef<{ key: string; value: number; timer: number } | null>(null);
  const latest = useRef({ bench, chosen, actions, off });
  useEffect(() => {
    latest.current = { bench, chosen, actions, off };
  });

  useEffect(() => {
    const nudge = (setting: Schemas['SettingView'], by: number) => {
      const from = pending.current?.key === setting.key ? pending.current.value : setting.value;
      if (pending.current) window.clearTimeout(pending.current.timer);
      const value = nudged({ ...setting, value: from }, by);
      const timer = window.setTimeout(() => {
        pending.current = null;
        latest.current.actions.set(setting.key, value);
      }, SETTLE_MS);
      pending.current = { key: setting.key, value, timer };
    };

    const onKey = (event: KeyboardEvent) => {
      const { bench: b, chosen: part, actions: a, off: quiet } = latest.current;
      if (quiet || !b || isTyping(event.target)) return;
      const at = b.stack.findIndex((r) => r.placement === part);
      const row = b.stack[at];
      const control = event.ctrlKey || event.metaKey;
      const handled = ((): boolean => {
        if (control && event.key.toLowerCase() === 'z') {
          if (event.shiftKey) a.redo();
          else a.undo();
          return true;
        }
        if (control) return false;
        switch (event.key) {
          case 'ArrowUp':
          case 'ArrowDown': {
            const next = step(b.stack, at, event.key === 'ArrowUp' ? -1 : 1)?.placement ?? '';
            // Keys come faster than the screen is drawn anew; the next one goes on from here.
            latest.current.chosen = next;
            a.choose(next);
            return true;
          }
          case 'ArrowLeft':
          case 'ArrowRight': {
            const setting = row?.settings[0];
            if (!setting || !a.canEdit) return false;
            const size = event.shiftKey ? 10 : event.altKey ? 0.1 : 1;
            nudge(setting, event.key === 'ArrowLeft' ? -size : size);
            return true;
          }
          case 'f':
            if (row) a.openFit(row.placement);
            else a.tell('Choose a part first: f adds one to it.');
            return true;
          case 'Delete':
            if (row) a.askRemove(row.placement);
            return row !== undefined;
          case '[':
          case ']': {
            const lens = b.lenses.findIndex((l) => l.id === b.lens);
            a.lens(step(b.lenses, lens, event.key === '[' ? -1 : 1)?.id ?? b.lens);
            return true;
          }
          case 'Escape':
            if (a.measuring) a.measure();
            else a.choose('');
            return true;
          case 'm':
            a.budget();
            return true;
          case 'h':
            a.hands();
            return true;
          case 'r':
            a.left();
            return true;
          case 'b':
            a.balance();
            return true;
          case 'd':
            a.measure();
            return true;
          case '+':
          case '=':
            a.zoom(1.3);
            return true;
          case '-':
            a.zoom(1 / 1.3);
            return true;
          case '0':
            a.fit();
            return true;
          case '?':
            a.help();
            return true;
          default: {
            const view = VIEW_KEYS[event.key];
            if (view) a.view(view);
            return view !== undefined;
          }
        }
      })();
      if (handled) event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
