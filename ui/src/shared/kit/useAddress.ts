import { useCallback, useEffect, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';

/**
 * What the address asks for, and a way to change it in place; an empty value takes a field out. The router draws a new
 * address when it has time: until then the change itself is told, so that the next key or press acts on what was
 * chosen last, and two changes do not undo each other.
 */
export function useAddress(): [URLSearchParams, (changes: Record<string, string>) => void] {
  const [drawn, setDrawn] = useSearchParams();
  const [made, setMade] = useState({ from: drawn, now: drawn });
  const asked = made.from === drawn ? made.now : drawn;
  const latest = useRef({ drawn, asked });
  useEffect(() => {
    latest.current = { drawn, asked };
  });
  const change = useCallback(
    (changes: Record<string, string>) => {
      const next = new URLSearchParams(latest.current.asked);
      for (const [name, value] of Object.entries(changes)) {
        if (value) next.set(name, value);
        else next.delete(name);
      }
      latest.current.asked = next;
      setMade({ from: latest.current.drawn, now: next });
      setDrawn(next, { replace: true });
    },
    [setDrawn],
  );
  return [asked, change];
}
