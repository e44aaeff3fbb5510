import { useIsMutating } from '@tanstack/react-query';
import { useEffect } from 'react';
import { isKept } from '../shared/api/acts';

/** Browsers ask before they leave a page on which this has been heard. */
const holdBack = (e: BeforeUnloadEvent) => e.preventDefault();

/**
 * What is on its way to the server is told, and nobody leaves the page over it without being asked, unless this device
 * keeps it and sends it later.
 */
export function Saving() {
  const waiting = useIsMutating();
  const busy = waiting > 0;
  const lost = useIsMutating({ predicate: (m) => !isKept(m) }) > 0;
  useEffect(() => {
    if (!lost) return;
    window.addEventListener('beforeunload', holdBack);
    return () => window.removeEventListener('beforeunload', holdBack);
  }, [lost]);
  return (
    <span role="status" className="saving">
      {busy && (waiting > 1 ? `Saving, ${waiting} to go` : 'Saving')}
    </span>
  );
}
