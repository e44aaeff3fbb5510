import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { remediesQuery } from '../../api/queries';
import { raisedWords } from './logic';

interface Props {
  job: string;
  revision: number;
  finding: string;
  onApply: (fix: string) => void;
}

/** What mends a finding. Trying takes long, so it is asked for when the finding comes into view, those on top first. */
export function Remedies({ job, revision, finding, onApply }: Props) {
  const [place, seen] = useSeen();
  const { data, isFetching } = useQuery({ ...remediesQuery(job, finding, revision), enabled: seen });
  return (
    <div ref={place} aria-busy={isFetching}>
      {!data && isFetching && <p className="soft tried-words">trying what mends it</p>}
      {data?.map((fix, i) => (
        <div key={fix.id} className="fix">
          <span>
            {fix.title}
            {fix.raised.length + fix.trialFits > 0 && <span className="soft raises">then: {raisedWords(fix.raised, fix.trialFits).join('; ')}</span>}
          </span>
          <button className={`btn ${i === 0 ? 'first' : ''}`} type="button" onClick={() => onApply(fix.id)}>
            Apply
          </button>
        </div>
      ))}
    </div>
  );
}

/** Whether something has been in view, from then on. */
function useSeen() {
  const place = useRef<HTMLDivElement>(null);
  const [seen, setSeen] = useState(typeof IntersectionObserver === 'undefined');
  useEffect(() => {
    if (seen || !place.current) return undefined;
    const watcher = new IntersectionObserver((entries) => {
      if (entries.some((e) => e.isIntersecting)) setSeen(true);
    });
    watcher.observe(place.current);
    return () => watcher.disconnect();
  }, [seen]);
  return [place, seen] as const;
}
