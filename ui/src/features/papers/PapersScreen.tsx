import './papers.css';
import { useQuery } from '@tanstack/react-query';
import { Button, Checkbox, Segmented } from 'antd';
import { useState } from 'react';
import { useParams } from 'react-router';
import { papersQuery } from '../../shared/api/wayQueries';
import { jobQuery } from '../../shared/api/queries';
import type { Schemas } from '../../shared/api/client';
import { counted } from '../../shared/format/units';
import { Waiting } from '../../shared/kit/Waiting';
import { bookAddress, cardAddress, keepPaper, keptPaper, wanted } from './papers';
import type { PaperSize, Sheet } from './papers';

/** All that goes along on paper: the prep book, a card for each of the crew, labels and lists. */
export function PapersScreen() {
  const { job = '' } = useParams();
  const [paper, setPaper] = useState<PaperSize>(() => keptPaper(localStorage));
  const query = useQuery(papersQuery(job));
  const bodies = useQuery(jobQuery(job)).data?.builds ?? [];
  if (query.isError) return <p className="page error">{query.error.message}</p>;
  if (query.isPending) return <Waiting />;
  const choose = (next: PaperSize) => {
    setPaper(next);
    keepPaper(localStorage, next);
  };
  return (
    <main className="papers">
      <header className="papers-head">
        <h2>Papers</h2>
        <Segmented<PaperSize>
          aria-label="Paper"
          value={paper}
          onChange={choose}
          options={[
            { value: 'A4', label: 'A4' },
            { value: 'LETTER', label: 'Letter' },
          ]}
        />
        <span className="soft">Every page tells its revision, the verdict, and whether it is signed.</span>
      </header>
      <BookSheets job={job} paper={paper} sheets={query.data.sheets} />
      <Cards job={job} paper={paper} cards={query.data.cards} />
      <Labels job={job} bodies={bodies} />
    </main>
  );
}

function BookSheets({ job, paper, sheets }: { job: string; paper: PaperSize; sheets: Sheet[] }) {
  const [without, setWithout] = useState<ReadonlySet<string>>(new Set());
  const there = sheets.filter((s) => s.there);
  const kept = there.filter((s) => !without.has(s.sheet));
  const toggle = (sheet: string, on: boolean) => {
    const next = new Set(without);
    if (on) next.delete(sheet);
    else next.add(sheet);
    setWithout(next);
  };
  return (
    <section aria-labelledby="book-title">
      <h3 id="book-title">The prep book</h3>
      <ul className="paper-sheets">
        {sheets.map((s) => (
          <li key={s.sheet}>
            <Checkbox
              checked={s.there && !without.has(s.sheet)}
              disabled={!s.there}
              onChange={(e) => toggle(s.sheet, e.target.checked)}
            >
              {s.title}
            </Checkbox>
            {s.there ? (
              <Button
                type="link"
                size="small"
                href={bookAddress(job, paper, [s.sheet])}
                aria-label={`${s.title} alone`}
                download
              >
                alone
              </Button>
            ) : (
              <span className="soft">nothing to tell yet</span>
            )}
          </li>
        ))}
      </ul>
      <Button
        type="primary"
        size="large"
        disabled={kept.length === 0}
        href={bookAddress(job, paper, wanted(sheets, without))}
        download
      >
        {kept.length === there.length ? 'The whole book, PDF' : `${counted(kept.length, 'sheet')}, PDF`}
      </Button>
    </section>
  );
}

interface CardsProps {
  job: string;
  paper: PaperSize;
  cards: Schemas['CardLine'][];
}

function Cards({ job, paper, cards }: CardsProps) {
  return (
    <section aria-labelledby="cards-title">
      <h3 id="cards-title">Cards, a page for each</h3>
      <ul className="paper-cards">
        {cards.map((c) => (
          <li key={c.role}>
            {c.there ? (
              <Button href={cardAddress(job, paper, c.role)} download>
                {c.title}
              </Button>
            ) : (
              <Button disabled>{c.title}</Button>
            )}
          </li>
        ))}
      </ul>
      <p className="soft">In large type; the code on it opens the screen that it is from.</p>
    </section>
  );
}

function Labels({ job, bodies }: { job: string; bodies: Schemas['JobView']['builds'] }) {
  const at = `/api/jobs/${encodeURIComponent(job)}`;
  const lists: [string, string][] = [
    ['Labels for cases, PDF', `${at}/case-labels.pdf`],
    ['Labels for rolls, PDF', `${at}/roll-labels.pdf`],
    ...bodies.map((b): [string, string] => [
      `Labels for cables of ${b.title}, PDF`,
      `${at}/builds/${b.id}/signals/labels.pdf`,
    ]),
    ['Pull list, CSV', `${at}/pull-list.csv`],
    ['Packing list, CSV', `${at}/packing-list.csv`],
    ['Days for a calendar, ICS', `${at}/calendar.ics`],
  ];
  return (
    <section aria-labelledby="labels-title">
      <h3 id="labels-title">Labels and lists</h3>
      <ul className="paper-lists">
        {lists.map(([title, address]) => (
          <li key={address}>
            <Button type="link" href={address} download>
              {title}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
