import './house.css';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { RulesTable } from './RulesTable';
import { StandardsTable } from './StandardsTable';
import { WaysTable } from './WaysTable';

/** The mounting standards and the house's numbers; a lead changes one, and the open jobs are judged anew. */
export function HouseScreen({ session }: { session: Schemas['Session'] }) {
  const [told, setTold] = useState('');
  return (
    <main className="page house">
      <h1>House</h1>
      <nav className="house-parts" aria-label="On this page">
        <a href="#standards">Mounting standards</a>
        <a href="#ways">Ways of working</a>
        <a href="#rules">House rules</a>
      </nav>
      {told && (
        <p className="told" role="status">
          {told}
        </p>
      )}
      <h2 id="standards">Mounting standards</h2>
      <p className="soft">
        As commonly drawn; confirm each with the maker's drawing. A changed figure makes a new revision and judges every
        open job anew.
      </p>
      <StandardsTable edits={session.waives} onDone={setTold} />
      <h2 id="ways">Ways of working</h2>
      <p className="soft">
        Where good houses differ, this is how ours works; an operator or a brief may differ, and every finding says
        which answer decided it. None of them reaches what holds something up, tips or falls.
      </p>
      <WaysTable edits={session.waives} onDone={setTold} />
      <h2 id="rules">House rules</h2>
      <p className="soft">
        The figures the checks judge by. A lead sets another with its reason and source, after seeing what it would
        change. What concerns safety stays with local codes and licensed practice: a figure here replaces neither.
      </p>
      <RulesTable edits={session.waives} onDone={setTold} />
    </main>
  );
}
