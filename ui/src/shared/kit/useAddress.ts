import { useCallback, useEffect, useRef } from 'react';
import { useSearchParams } from 'react-router';

/**
 * What the address asks for, and a way to change it in place; an empty value takes a field out. Two changes before the
 * address is drawn again do not undo each other: each builds on the last that was made.
 */
export function useAddress(): [URLSearchParams, (changes: Record<string, string>) => void] {
  const [params, setParams] = useSearchParams();
  const latest = useRef(params);
  useEffect(() => {
    latest.current = params;
  }, [params]);
  const change = useCallback(
    (changes: Record<string, string>) => {
      const next = new URLSearchParams(latest.current);
      for (const [name, value] of Object.entries(changes)) {
        if (value) next.set(name, value);
        else next.delete(name);
      }
      latest.current = next;
      setParams(next, { replace: true });
    },
    [setParams],
  );
  return [params, change];
}
