import { Button, Segmented } from 'antd';
import { Fragment, useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { grams, kilograms } from '../../shared/format/units';
import { CaseTable } from './CaseTable';
import { ScrewTable } from './ScrewTable';

const words = (category: string) => category.toLowerCase().replaceAll('_', ' ');

const SORTS = [
  { value: false, label: 'by category' },
  { value: true, label: 'by case' },
];

/** What to pull, by category: on the rig and spare, with mass. */
export function PullTable({ d }: { d: Schemas['Dispatch'] }) {
  const groups = groupBy(d.lines);
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
        <a className="noprint" href={`/api/jobs/${d.job}/pull-list.pdf`}>
          PDF
        </a>
        <a className="noprint" href={`/api/jobs/${d.job}/${byCase ? 'packing' : 'pull'}-list.csv`}>
          CSV
        </a>
        <a className="noprint" href={`/api/jobs/${d.job}/package.harbor.json`}>
          Package file
        </a>
        <Button type="text" className="noprint" onClick={() => window.print()}>
          Print
        </Button>
      </div>
      <div className="pull-scroll" tabIndex={0} role="region" aria-label="Pull list table">
        {byCase ? <CaseTable d={d} /> : <CategoryTable groups={groups} />}
        <ScrewTable screws={d.screws} />
      </div>
    </section>
  );
}

function CategoryTable({ groups }: { groups: Map<string, Schemas['Line'][]> }) {
  return (
    <table className="sheet">
      <thead>
        <tr>
          <th>Item</th>
          <th>Maker</th>
          <th className="right">On rig</th>
          <th className="right">In kit</th>
          <th className="right">Pieces</th>
          <th className="right">Each</th>
          <th className="right">Together</th>
        </tr>
      </thead>
      <tbody>
        {[...groups].map(([category, lines]) => (
          <Fragment key={category}>
            <tr className="group">
              <th colSpan={7} scope="rowgroup">
                {words(category)}
              </th>
            </tr>
            {lines.map((l) => (
              <tr key={l.item}>
                <td>{l.name}</td>
                <td className="soft">{l.maker}</td>
                <td className="num right">{l.onRig || ''}</td>
                <td className="num right">{l.inKit || ''}</td>
                <td className="num right">{l.pieces}</td>
                <td className="num right">{l.massKnown ? grams(l.eachGrams) : 'not weighed'}</td>
                <td className="num right">{l.massKnown ? grams(l.lineGrams) : ''}</td>
              </tr>
            ))}
          </Fragment>
        ))}
      </tbody>
    </table>
  );
}

function groupBy(lines: Schemas['Line'][]): Map<string, Schemas['Line'][]> {
  const groups = new Map<string, Schemas['Line'][]>();
  for (const line of lines) groups.set(line.category, [...(groups.get(line.category) ?? []), line]);
  return groups;
}
