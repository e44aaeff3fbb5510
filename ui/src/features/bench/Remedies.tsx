import { Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import type { ReactNode } from 'react';
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
  /** What else is said to the finding, on the line below. */
  children?: ReactNode;
}

/** Findings out of view wait for those in view, ms. */
const LATER = 1500;

/** What mends a finding. Trying takes long: those in view are asked for at once, the others after a while. */
export function Remedies({ job, revision, finding, applying, onApply, children }: Props) {
  const [place, seen] = useSeen(revision);
  const [more, setMore] = useState(false);
  const best = useQuery({ ...remediesQuery(job, finding, revision, true), enabled: seen });
  const rest = useQuery({ ...remediesQuery(job, finding, revision, false), enabled: more && best.data?.all === false });
  const told = rest.data ?? best.data;
  const data = useHeld(told?.fixes);
  const isFetching = useHeld(best.isFetching || rest.isFetching);
  const shown = more ? data : data?.slice(0, 1);
  const others = told?.all === true ? told.fixes.length - 1 : -1;
  // More ways, perhaps, or more than its two lines can say of the one way there is.
  const hasMore = told?.all === false || others > 0 || (data?.[0]?.raised.length ?? 0) > 1;
  const moreWords =
    others > 0 ? counted(others, 'more way', 'more ways') : told?.all === false ? 'Other ways' : 'All it raises';
  return (
    <div ref={place} aria-busy={isFetching}>
      <div className="remedies">
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
        {more && rest.isFetching && <p className="soft tried-words">trying other ways</p>}
        {more && rest.data?.fixes.length === 1 && <p className="soft tried-words">no other way was found</p>}
      </div>
      <div className="finding-acts">
        {hasMore && (
          <Button type="text" aria-expanded={more} onClick={() => setMore(!more)}>
            {more ? 'Only the first' : moreWords}
          </Button>
        )}
        {children}
      </div>
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
    <div className={whole ? 'fix' : 'fix brief-fix'}>
      <span title={whole ? undefined : [fix.title, ...raised].join('; ')}>
        {fix.title}
        {raised.length > 0 && (
          <span className="soft raises">
            {!whole && ' '}
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
