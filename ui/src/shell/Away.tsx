import { useAway } from '../shared/api/away';

/** Over everything while nothing is answered: that it is so, and that nobody has to do anything about it. */
export function Away() {
  const why = useAway();
  if (!why) return null;
  return (
    <p className="away" role="alert">
      {why} It is asked again by itself; what you typed stays here.
    </p>
  );
}
