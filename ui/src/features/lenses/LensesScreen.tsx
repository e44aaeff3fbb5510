import './lenses.css';
import { Button, Checkbox, Select } from 'antd';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { lensesQuery } from '../../shared/api/queries';
import type { LensTry } from '../../shared/api/queries';
import { fixed, mm } from '../../shared/format/units';
import { useStandpoint } from '../../shared/job/useStandpoint';
import { WornAs } from '../../shared/job/WornAs';
import { NumberField } from '../../shared/kit/NumberField';
import { TriedMark } from '../../shared/kit/TriedMark';
import { Waiting } from '../../shared/kit/Waiting';
import { LensTable } from './LensTable';
import { MeshPicture } from './MeshPicture';
import { Openings } from './Openings';
import { Order, SetUps } from './Order';
import type { LensRow } from './said';
import { Section } from './Section';

const AS_IT_IS: LensTry = { without: [], boxMm: 0, filters: [] };

/** The lens set: what each lens draws, what stands in its light, what turns it, and the order of changes. */
export function LensesScreen() {
  const at = useStandpoint();
  const [tried, setTried] = useState(AS_IT_IS);
  const query = useQuery({
    ...lensesQuery(at.spot, tried),
    enabled: at.build !== undefined,
    placeholderData: keepPreviousData,
  });
  if (query.isError) return <p className="page error">{query.error.message}</p>;
  if (!at.build || query.isPending) return <Waiting />;
  const d = query.data;
  const chosen = d.lenses.find((l) => l.lens === at.spot.lens) ?? d.lenses[0];
  return (
    <main className="lenses">
      <div className="lenses-head">
        <h2>Lens set</h2>
        <WornAs at={at} />
        {d.windowWidthMm !== null && d.windowHeightMm !== null ? (
          <span className="soft">
            recorded {fixed(d.windowWidthMm, 1)} × {mm(d.windowHeightMm)}
          </span>
        ) : (
          <span className="mark caution">the recorded window of this body is not on file</span>
        )}
        <Button type="text" className="noprint" onClick={() => window.print()}>
          Print
        </Button>
      </div>
      <LensTable lenses={d.lenses} chosen={chosen?.lens ?? ''} onChoose={(lens) => at.go({ lens })} />
      {chosen && <Trying lenses={d.lenses} filters={d.filters} tried={tried} onTry={setTried} />}
      {chosen && <Chosen row={chosen} bench={at.at('bench', { lens: chosen.lens })} />}
      <div className="lenses-below">
        <SetUps setUps={d.setUps} />
        <Order order={d.order} />
      </div>
      <p className="soft">
        Zooms are judged at their widest, every lens at its widest stop. Where the entrance pupil is not on file it may
        be anywhere in the lens. Figures on paper do not replace a look through the camera at the wall.
      </p>
    </main>
  );
}

interface TryingProps {
  lenses: LensRow[];
  filters: Schemas['FilterRow'][];
  tried: LensTry;
  onTry: (next: LensTry) => void;
}

/** What is tried without storing it: openings left out, boxes nearer or farther. */
function Trying({ lenses, filters, tried, onTry }: TryingProps) {
  const titles = [...new Set(lenses.flatMap((l) => l.edges.map((e) => e.title)))];
  if (titles.length === 0) return null;
  const isTried = tried.without.length > 0 || tried.boxMm !== 0 || tried.filters.length > 0;
  const leave = (title: string, out: boolean) =>
    onTry({ ...tried, without: out ? [...tried.without, title] : tried.without.filter((t) => t !== title) });
  return (
    <div className="lenses-try noprint" role="group" aria-label="Try">
      <b>Try without</b>
      {titles.map((t) => (
        <Checkbox key={t} checked={tried.without.includes(t)} onChange={(e) => leave(t, e.target.checked)}>
          {t}
        </Checkbox>
      ))}
      <label>
        box moved forward{' '}
        <NumberField
          size="small"
          aria-label="Box moved forward"
          min={-200}
          max={200}
          value={tried.boxMm}
          suffix="mm"
          onChange={(boxMm) => onTry({ ...tried, boxMm: boxMm ?? 0 })}
        />
      </label>
      {filters.length > 0 && (
        <label>
          filters{' '}
          <Select
            mode="multiple"
            size="small"
            className="lenses-filters"
            aria-label="Filters"
            placeholder="none"
            value={[...tried.filters]}
            options={filters.map((f) => ({ value: f.type, label: `${f.name}, ${fixed(f.lossStops, 1)} stops` }))}
            onChange={(next) => onTry({ ...tried, filters: next })}
          />
        </label>
      )}
      {isTried && <TriedMark onBack={() => onTry(AS_IT_IS)} />}
    </div>
  );
}

/** The chosen lens, drawn to scale. */
function Chosen({ row, bench }: { row: Schemas['LensRow']; bench: string }) {
  return (
    <section className="lens-chosen" aria-label={row.title}>
      <h2>
        {row.title} <Link to={bench}>{row.fine ? 'on the Bench' : 'mend it on the Bench'}</Link>{' '}
        <span className="soft">
          {row.pupilKnown
            ? `pupil ${mm(row.pupilMm)} behind the rim`
            : row.straight
              ? 'pupil not on file: it may be anywhere in the lens'
              : 'what it sees of the rig is told on the Bench'}
        </span>
      </h2>
      <div className="lens-pictures">
        {row.straight && (
          <>
            <Section row={row} from="above" />
            <Section row={row} from="the side" />
          </>
        )}
        {row.drives.map((d) => (
          <MeshPicture key={d.title} drive={d} lens={row.title} />
        ))}
      </div>
      {row.straight && <Openings row={row} />}
    </section>
  );
}
