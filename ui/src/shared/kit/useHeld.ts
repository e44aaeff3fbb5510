import { useState, useSyncExternalStore } from 'react';

/** Whether a pointer is down somewhere; told to those who wait once its click has been dealt with. */
let pressed = false;
const waiting = new Set<() => void>();

function letGo() {
  setTimeout(() => {
    pressed = false;
    waiting.forEach((tell) => tell());
  }, 0);
}

window.addEventListener('pointerdown', () => (pressed = true), true);
window.addEventListener('pointerup', letGo, true);
window.addEventListener('pointercancel', letGo, true);

function subscribe(tell: () => void) {
  waiting.add(tell);
  return () => waiting.delete(tell);
}

/** A value that stays as it is while a pointer is down: what arrives then would move the button from under it. */
export function useHeld<T>(value: T): T {
  const down = useSyncExternalStore(subscribe, () => pressed);
  const [shown, show] = useState(value);
  if (!down && shown !== value) show(value);
  return down ? shown : value;
}
