import { useQuery } from '@tanstack/react-query';
import { waysQuery } from '../../shared/api/queries';
import { Drop, Lines } from './Lines';

interface Props {
  ways: Record<string, string>;
  onChange: (ways: Record<string, string>) => void;
}

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
          <div key={w.id} className="ask-line ask-way">
            <span>{w.question}</span>
            <select
              className="input"
              aria-label={w.question}
              value={ways[w.id]}
              onChange={(e) => onChange({ ...ways, [w.id]: e.target.value })}
            >
              {w.options.map((o) => (
                <option key={o.id} value={o.id}>
                  {o.title}
                </option>
              ))}
            </select>
            <span className="soft">the house: {w.options.find((o) => o.id === w.chosen)?.title}</span>
            <Drop onClick={() => drop(w.id)} />
          </div>
        )),
        <select
          key="another"
          className="input"
          aria-label="Another question"
          value=""
          onChange={(e) => {
            const way = others.find((w) => w.id === e.target.value);
            if (way)
              onChange({
                ...ways,
                [way.id]: (way.options.find((o) => o.id !== way.chosen) ?? way.options[0])?.id ?? '',
              });
          }}
        >
          <option value="">Another question …</option>
          {groups.map((group) => (
            <optgroup key={group} label={group}>
              {others
                .filter((w) => w.group === group)
                .map((w) => (
                  <option key={w.id} value={w.id}>
                    {w.question}
                  </option>
                ))}
            </optgroup>
          ))}
        </select>,
      ]}
    </Lines>
  );
}
