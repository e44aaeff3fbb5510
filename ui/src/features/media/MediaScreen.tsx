import './media.css';
import { Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { jobQuery } from '../../shared/api/queries';
import { mediaQuery } from '../../shared/api/mediaQueries';
import type { MediaTry } from '../../shared/api/mediaQueries';
import { NumberField } from '../../shared/kit/NumberField';
import { TriedMark } from '../../shared/kit/TriedMark';
import { Waiting } from '../../shared/kit/Waiting';
import { CardDay, CardDayKey } from './CardDay';
import { Bench, Bodies, Cards } from './MediaTables';
import { after, gigabytes, minutesText } from './media';
import type { Plan } from './media';
import { RollLog } from './RollLog';

const AS_IT_IS: MediaTry = { moreCards: 0, fewerSlots: 0 };

/** What the day records, on which cards, and when the last copy is made. */
export function MediaScreen({ session }: { session: Schemas['Session'] }) {
  const { job = '' } = useParams();
  const [tried, setTried] = useState(AS_IT_IS);
  const query = useQuery(mediaQuery(job, tried));
  const about = useQuery(jobQuery(job));
  if (query.isError) return <p className="page error">{query.error.message}</p>;
  if (query.isPending || !about.data) return <Waiting />;
  const { plan } = query.data;
  const bodies = about.data.builds.map((b) => ({
    id: b.id,
    title: b.title,
    mode: plan?.bodies.find((m) => m.build === b.id && m.mode !== '')?.mode ?? '',
  }));
  return (
    <main className="media">
      {plan === null ? <NotAsked job={job} /> : <Planned plan={plan} tried={tried} onTry={setTried} />}
      <RollLog job={job} bodies={bodies} mayWrite={session.editsBuilds || session.roles.includes('CREW')} />
    </main>
  );
}

function NotAsked({ job }: { job: string }) {
  return (
    <section>
      <h2>Media</h2>
      <p>
        The brief names no recording mode, or no hours: how much is recorded is not worked out.{' '}
        <Link to={`/jobs/${job}/brief`}>Say it in the brief</Link>.
      </p>
    </section>
  );
}

interface PlannedProps {
  plan: Plan;
  tried: MediaTry;
  onTry: (next: MediaTry) => void;
}

function Planned({ plan, tried, onTry }: PlannedProps) {
  return (
    <>
      <section aria-labelledby="media-title">
        <div className="head">
          <h2 id="media-title">Media</h2>
          <Facts plan={plan} />
          <Button type="text" className="noprint" onClick={() => window.print()}>
            Print
          </Button>
        </div>
        <Bodies plan={plan} />
        <Trying plan={plan} tried={tried} onTry={onTry} />
        <CardDay plan={plan} />
        <CardDayKey />
        <Told plan={plan} />
      </section>
      <div className="media-below">
        <section aria-labelledby="cards-title">
          <h2 id="cards-title">Cards</h2>
          <Cards plan={plan} />
        </section>
        <section aria-labelledby="bench-title">
          <h2 id="bench-title">Readers and drives</h2>
          <Bench plan={plan} />
        </section>
      </div>
    </>
  );
}

function Facts({ plan }: { plan: Plan }) {
  const { waits, late } = plan;
  return (
    <span className="media-facts">
      <b>{gigabytes(plan.gigabytes)} in the day</b>
      <Fact
        state={waits.state}
        fine="recording waits for no card"
        found={`recording waits ${minutesText(waits.value)} for a card`}
        open="whether cards suffice is not known"
        undecided={`recording may wait, up to ${minutesText(waits.range.to)}`}
      />
      <Fact
        state={late.state}
        fine={`last copy ${minutesText(late.value)} after wrap`}
        found={`last copy ${minutesText(late.value)} after wrap, ${minutesText(late.need)} at most`}
        open="when the last copy is made is not known"
        undecided={`last copy ${minutesText(late.range.from)} to ${minutesText(late.range.to)} after wrap`}
      />
    </span>
  );
}

interface FactProps {
  state: Plan['waits']['state'];
  fine: string;
  found: string;
  open: string;
  undecided: string;
}

function Fact({ state, fine, found, open, undecided }: FactProps) {
  if (state === 'FINE') return <span className="met">✓ {fine}</span>;
  if (state === 'FOUND') return <span className="mark stop">{found}</span>;
  return <span className="mark caution">{state === 'UNDECIDED' ? undecided : open}</span>;
}

function Trying({ plan, tried, onTry }: PlannedProps) {
  const slots = plan.readers.reduce((n, r) => n + r.slots, 0) + tried.fewerSlots;
  const isTried = tried.moreCards !== 0 || tried.fewerSlots !== 0;
  return (
    <div className="media-try noprint" role="group" aria-label="Try">
      <b>Try</b>
      <label>
        cards more{' '}
        <NumberField
          size="small"
          aria-label="Cards more"
          min={-80}
          max={80}
          value={tried.moreCards}
          onChange={(n) => onTry({ ...tried, moreCards: Math.round(n ?? 0) })}
        />
      </label>
      <label>
        reader’s slots fewer{' '}
        <NumberField
          size="small"
          aria-label="Slots fewer"
          min={0}
          max={slots}
          value={tried.fewerSlots}
          onChange={(n) => onTry({ ...tried, fewerSlots: Math.round(n ?? 0) })}
        />
      </label>
      {isTried && <TriedMark onBack={() => onTry(AS_IT_IS)} />}
    </div>
  );
}

/** What the plan wants, and what it rests on. */
function Told({ plan }: { plan: Plan }) {
  const { wanted, wantedWithout } = plan;
  const estimated = plan.day.filter((b) => !b.told).map((b) => b.what);
  const number = (w: NonNullable<Plan['wanted']>) => (w.most > w.cards ? `${w.cards} to ${w.most}` : String(w.cards));
  return (
    <p className="media-told">
      {wanted === null
        ? 'No number of cards is enough, or no size is on file. '
        : `${number(wanted)} of ${wanted.name} would do, were there no others; ${wanted.packed} packed. `}
      {wantedWithout !== null && wanted !== null && `With one reader’s slot less: ${number(wantedWithout)}. `}
      {plan.firstWait !== null && `The first wait begins ${after(plan.firstWait)} into the day. `}
      {estimated.length > 0 && (
        <span className="mark caution">
          How much is recorded in {estimated.join(', ')} is the house’s estimate: say it in the brief.
        </span>
      )}
    </p>
  );
}
