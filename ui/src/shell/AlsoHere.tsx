import { skipToken, useQuery } from '@tanstack/react-query';
import { Tooltip } from 'antd';
import { hereKey } from '../shared/live/useLive';
import type { Here } from '../shared/live/useLive';

/** Who else looks at this job just now, each once; the tip says at which body. */
export function AlsoHere({ job, bodies }: { job: string; bodies: readonly { id: string; title: string }[] }) {
  const { data } = useQuery<Here[]>({ queryKey: hereKey(job), queryFn: skipToken });
  const people = [...new Set(data?.map((h) => h.who))];
  if (!data || people.length === 0) return null;
  const where = data.map((h) => {
    const body = bodies.find((b) => b.id === h.build);
    return body ? `${h.who}: ${body.title}` : h.who;
  });
  const shown = people.length > 2 ? `${people[0]} and ${people.length - 1} others` : people.join(' and ');
  return (
    <Tooltip title={[...new Set(where)].join('; ')}>
      <span className="also-here" role="status">
        {shown} {people.length > 1 ? 'are' : 'is'} here too
      </span>
    </Tooltip>
  );
}
