import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { remediesQuery } from '../../shared/api/queries';
import { useHeld } from '../../shared/kit/useHeld';
import { raisedWords } from './logic';

interface Props {
  job: string;
  revision: number;
  finding: string;
  onApply: (fix: string) => void;
}

/** Findings out of view wait for those in view, ms. */
const LATER = 1500;

/** What mends a finding. Trying takes long: those in view are asked for at once, the others after a while. */
export function Remedies({ job, revision, finding, onApply }: Props) {
  const [place, seen] = useSeen(revision);
  const query = useQuery({ ...remediesQuery(job, finding, revision), enabled: seen });
  const data = useHeld(query.data);
  const isFetching = useHeld(query.isFetching);
  return (
    <div ref={place} aria-busy={isFetching}>
      {!data && isFetching && <p className="soft tried-words">trying what mends it</p>}
      {data?.map((fix, i) => (
        <div key={fix.id} className="fix">
          <span>
            {fix.title}
            {fix.raised.length + fix.trialFits > 0 && (
              <span className="soft raises">then: {raisedWords(fix.raised, fix.trialFits).join('; ')}</span>
            )}
          </span>
          <button className={`btn ${i === 0 ? 'first' : ''}`} type="button" onClick={() => onApply(fix.id)}>
            Apply
          </button>
        </div>
      ))}
    </div>
  );
}

/** Whether something has been in view, or long enough on the page; asked anew for every revision. */
function useSeen(revision: number) {
  const place = useRef<HTMLDivElement>(null);
  const [seen, setSeen] = useState(0);
  useEffect(() => {
    const see = () => setSeen(revision);
    const later = setTimeout(see, LATER);
    const watcher = new IntersectionObserver((entries) => {
      if (entries.some((e) => e.isIntersecting)) see();
    });
    if (place.current) watcher.observe(place.current);
    return () => {
      clearTimeout(later);
      watcher.disconnect();
    };
  }, [revision]);
  return [place, seen === revision] as const;
}
