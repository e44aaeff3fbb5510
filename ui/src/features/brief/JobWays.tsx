import { useQuery } from '@tanstack/react-query';
import type { Schemas } from '../../shared/api/client';
import { waysQuery } from '../../shared/api/houseQueries';
import { Line, Lines } from './Lines';
import { Pick } from '../../shared/kit/Pick';

interface Props {
  ways: Record<string, string>;
  onChange: (ways: Record<string, string>) => void;
}

/** An answer to begin with: another than the house's, since nobody asks otherwise. */
const otherThanHere = (way: Schemas['WayLine']) =>
  (way.options.find((o) => o.id !== way.chosen) ?? way.options[0])?.id ?? '';

/** Where this job works otherwise than its operator and the house: only those questions are listed. */
export function JobWays({ ways, onChange }: Props) {
  const query = useQuery(waysQuery);
  const all = query.data ?? [];
  const own = all.filter((w) => ways[w.id] !== undefined);
  const others = all.filter((w) => ways[w.id] === undefined);
  const groups = [...new Set(others.map((w) => w.group))];
  const drop = (id: string) => onChange(Object.fromEntries(Object.entries(ways).filter(([k]) => k !== id)));
  return (
    <Lines title="Ways of working on this job" add={undefined} empty="As the operator and the house work.">
      {[
        ...own.map((w) => (
          <Line key={w.id} place={`brief.asks.ways.${w.id}`} onDrop={() => drop(w.id)}>
            <span className="ask-way">{w.question}</span>
            <Pick
              label={w.question}
              value={ways[w.id] ?? ''}
              onChange={(option) => onChange({ ...ways, [w.id]: option })}
              options={w.options.map((o) => ({ value: o.id, label: o.title }))}
            />
            <span className="soft">the house: {w.options.find((o) => o.id === w.chosen)?.title}</span>
          </Line>
        )),
        <Pick
          key="another"
          label="Another question"
          placeholder="Another question …"
          value=""
          onChange={(id) => {
            const way = others.find((w) => w.id === id);
            if (way) onChange({ ...ways, [way.id]: otherThanHere(way) });
          }}
          options={groups.map((group) => ({
            label: group,
            options: others.filter((w) => w.group === group).map((w) => ({ value: w.id, label: w.question })),
          }))}
        />,
      ]}
    </Lines>
  );
}
