import { useEffect, useRef, useSyncExternalStore } from 'react';

/** Something one can do on the screen that is shown, by its name or its key. */
export interface Command {
  title: string;
  /** As it stands on the key; empty when it has none. */
  key?: string;
  run: () => void;
}

let all: readonly Command[] = [];
const given = new Map<symbol, readonly Command[]>();
const told = new Set<() => void>();

function tell() {
  all = [...given.values()].flat();
  told.forEach((t) => t());
}

function subscribe(t: () => void) {
  told.add(t);
  return () => told.delete(t);
}

/** Offers commands as long as the component is on the screen: those of what it shows now. */
export function useCommands(make: () => readonly Command[]): void {
  const mine = useRef(Symbol('commands'));
  useEffect(() => {
    given.set(mine.current, make());
    tell();
  });
  useEffect(() => {
    const id = mine.current;
    return () => {
      given.delete(id);
      tell();
    };
  }, []);
}

/** Every command of what is on the screen now. */
export const useOffered = () => useSyncExternalStore(subscribe, () => all);
