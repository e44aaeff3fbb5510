import { useEffect, useRef } from 'react';
import { isTyping } from './typing';

/** Keys of a screen at which one stands with something else in one's hands; nothing happens while somebody types. */
export function useBenchKeys(does: Record<string, () => unknown>) {
  const last = useRef(does);
  useEffect(() => {
    last.current = does;
  });
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const run = last.current[e.key];
      if (!run || isTyping(e.target) || e.ctrlKey || e.metaKey || e.altKey) return;
      // A button that has the focus is pressed by the space bar, as everywhere; in the list Enter does that.
      const on = e.target instanceof HTMLElement ? e.target : undefined;
      if (e.key === ' ' && on?.closest('button, summary') && !on.closest('[data-rows]')) return;
      e.preventDefault();
      run();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
