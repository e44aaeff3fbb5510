import { useIsMutating } from '@tanstack/react-query';
import { isKept } from '../shared/api/acts';
import { useAway } from '../shared/api/away';
import { counted } from '../shared/format/units';

/** Over everything while nothing is answered: that it is so, and that nobody has to do anything about it. */
export function Away() {
  const why = useAway();
  const kept = useIsMutating({ predicate: isKept });
  if (!why) return null;
  return (
    <p className="away" role="alert">
      {why} It is asked again by itself; what you typed stays here.
      {kept > 0 &&
        ` ${counted(kept, 'thing')} you did ${kept === 1 ? 'is' : 'are'} kept on this device and sent when it is back; only the page cannot be loaded again before.`}
    </p>
  );
}
