import { Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import type { Schemas } from '../../shared/api/client';
import { standardsQuery } from '../../shared/api/houseQueries';
import { NumberField } from '../../shared/kit/NumberField';
import { Pick } from '../../shared/kit/Pick';
import { AXES, SIDES } from './making';
import type { Face } from './making';

interface Props {
  faces: Face[];
  /** Which of them is being placed on the drawing; −1 for none. */
  placing: number;
  doubtsOf: (index: number) => Schemas['DoubtView'][];
  onChange: (faces: Face[]) => void;
  onPlace: (index: number) => void;
}

const HALVES = [
  { value: 'B' as const, label: 'receives: threaded holes, clamp' },
  { value: 'A' as const, label: 'goes in: screws, rail' },
];

/** Faces beside those that the kind has: on which side, of which standard, and where, by pointing or by figures. */
export function MakerFaces({ faces, placing, doubtsOf, onChange, onPlace }: Props) {
  const standards = useQuery(standardsQuery);
  const put = (i: number, change: Partial<Face>) => onChange(faces.map((f, k) => (k === i ? { ...f, ...change } : f)));
  const add = () => {
    onChange([...faces, { side: 'TOP', standard: 'thread-1-4', half: 'B', across: 0, along: 0 }]);
    onPlace(faces.length);
  };
  return (
    <fieldset className="maker-faces">
      <legend>More faces</legend>
      {faces.map((f, i) => (
        <div key={i} className={i === placing ? 'maker-face placing' : 'maker-face'}>
          <Pick
            label={`Side of face ${i + 1}`}
            value={f.side}
            onChange={(side) => {
              put(i, { side });
              onPlace(i);
            }}
            options={SIDES}
          />
          <Pick
            label={`Standard of face ${i + 1}`}
            value={f.standard}
            onChange={(standard) => put(i, { standard })}
            options={(standards.data ?? [])
              .filter((s) => s.id !== 'datum')
              .map((s) => ({ value: s.id, label: s.title }))}
          />
          <Pick label={`Half of face ${i + 1}`} value={f.half} onChange={(half) => put(i, { half })} options={HALVES} />
          <span className="maker-at">
            {(['across', 'along'] as const).map((axis, k) => (
              <NumberField
                key={axis}
                size="small"
                aria-label={`Face ${i + 1}, ${AXES[f.side][k]}`}
                prefix={AXES[f.side][k]}
                suffix="mm"
                value={f[axis]}
                onChange={(v) => put(i, { [axis]: v ?? 0 })}
              />
            ))}
            <Button type="text" onClick={() => onPlace(i === placing ? -1 : i)} aria-pressed={i === placing}>
              {i === placing ? 'Placed' : 'Place on the drawing'}
            </Button>
            <Button
              type="text"
              aria-label={`Drop face ${i + 1}`}
              onClick={() => {
                onChange(faces.filter((_, k) => k !== i));
                onPlace(-1);
              }}
            >
              Drop
            </Button>
          </span>
          {doubtsOf(i).map((d) => (
            <em key={d.text} className="field-wrong">
              {d.text}
            </em>
          ))}
        </div>
      ))}
      <Button onClick={add}>Add a face</Button>
    </fieldset>
  );
}
