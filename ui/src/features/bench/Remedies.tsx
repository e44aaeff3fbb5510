import { Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { remediesQuery } from '../../shared/api/queries';
import { useHeld } from '../../shared/kit/useHeld';
import type { Schemas } from '../../shared/api/client';
import { counted } from '../../shared/format/units';
import { raisedWords } from './logic';

interface Props {
  job: string;
  revision: number;
  finding: string;
  /** One of them is on its way. */
  applying?: boolean;
  onApply: (fix: string) => void;
}

/** Findings out of view wait for those in view, ms. */
const LATER = 1500;

/** What mends a finding. Trying takes long: those in view are asked for at once, the others after a while. */
export function Remedies({ job, revision, finding, applying, onApply }: Props) {
  const [place, seen] = useSeen(revision);
  const query = useQuery({ ...remediesQuery(job, finding, revision), enabled: seen });
  const data = useHeld(query.data);
  const isFetching = useHeld(query.isFetching);
  const [more, setMore] = useState(false);
  const shown = more ? data : data?.slice(0, 1);
  const others = (data?.length ?? 0) - 1;
  return (
    <div ref={place} className="remedies" aria-busy={isFetching}>
      {!data && <p className="soft tried-words">{isFetching ? 'trying what mends it' : ''}</p>}
      {data?.length === 0 && <p className="soft tried-words">no single change mends it</p>}
      {shown?.map((fix, i) => (
        <FixLine
          key={fix.id}
          fix={fix}
          first={i === 0}
          whole={more}
          disabled={applying}
          onApply={() => onApply(fix.id)}
        />
      ))}
      {others > 0 && (
        <Button type="text" size="small" aria-expanded={more} onClick={() => setMore(!more)}>
          {more ? 'Only the first' : counted(others, 'more way', 'more ways')}
        </Button>
      )}
    </div>
  );
}

interface FixProps {
  fix: Schemas['Fix'];
  first: boolean;
  /** With all it raises; else their number. */
  whole: boolean;
  disabled?: boolean;
  onApply: () => void;
}

function FixLine({ fix, first, whole, disabled, onApply }: FixProps) {
  const raised = raisedWords(fix.raised, fix.trialFits);
  return (
    <div className="fix">
      <span>
        {fix.title}
        {raised.length > 0 && (
          <span className="soft raises" title={raised.join('; ')}>
            then: {whole ? raised.join('; ') : raised[0]}
            {!whole && raised.length > 1 && `, and ${raised.length - 1} more`}
          </span>
        )}
      </span>
      <Button type={first ? 'primary' : 'default'} disabled={disabled} onClick={onApply}>
        Apply
      </Button>
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
