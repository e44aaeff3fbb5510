import { useEffect, useRef, useState } from 'react';

/** The room that an element has on the screen, pixels; {@link start} until it is known. */
export function useSize(start: { width: number; height: number }) {
  const box = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState(start);
  useEffect(() => {
    const element = box.current;
    if (!element) return;
    const observer = new ResizeObserver(() => setSize({ width: element.clientWidth, height: element.clientHeight }));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [box, size] as const;
}
