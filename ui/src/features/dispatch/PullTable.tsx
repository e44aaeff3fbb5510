import { Button, Segmented } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { kilograms } from '../../shared/format/units';
import { CaseTable } from './CaseTable';
import { CategoryTable } from './CategoryTable';
import { KitDialog } from './KitDialog';
import { ScrewTable } from './ScrewTable';

const SORTS = [
  { value: false, label: 'by category' },
  { value: true, label: 'by case' },
];

/** What to pull, by category: on the rig and spare, with mass. */
export function PullTable({ d, canEdit }: { d: Schemas['Dispatch']; canEdit: boolean }) {
  const [packing, setPacking] = useState(false);
  const [byCase, setByCase] = useState(false);
  const pieces = d.lines.reduce((n, l) => n + l.pieces, 0);
  return (
    <section className="pull" aria-labelledby="pull-title">
      <div className="head">
        <h2 id="pull-title">Pull list</h2>
        <span className="num soft">
          {pieces} pieces, {kilograms(d.totalGrams)}
          {d.unweighed > 0 && ` and ${d.unweighed} unweighed`}
        </span>
        <Segmented
          className="quiet-choice noprint"
          aria-label="Sorted"
          value={byCase}
          options={SORTS}
          onChange={setByCase}
        />
        {canEdit && (
          <Button className="noprint" onClick={() => setPacking(true)}>
            Pack the kit
          </Button>
        )}
        <a className="noprint" href={`/api/jobs/${d.job}/pull-list.pdf`}>
          PDF
        </a>
        <a className="noprint" href={`/api/jobs/${d.job}/${byCase ? 'packing' : 'pull'}-list.csv`}>
          CSV
        </a>
        <a className="noprint" href={`/api/jobs/${d.job}/package.harbor.json`}>
          Package file
        </a>
        <a className="noprint" href={`/api/jobs/${d.job}/calendar.ics`}>
          Calendar
        </a>
        <Button type="text" className="noprint" onClick={() => window.print()}>
          Print
        </Button>
      </div>
      <div className="pull-scroll" tabIndex={0} role="region" aria-label="Pull list table">
        {byCase ? <CaseTable d={d} /> : <CategoryTable lines={d.lines} />}
        <ScrewTable screws={d.screws} />
      </div>
      {packing && <KitDialog d={d} onClose={() => setPacking(false)} />}
    </section>
  );
}
