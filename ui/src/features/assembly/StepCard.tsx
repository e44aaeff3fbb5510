import { Button, Input, Segmented } from 'antd';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { drawingQuery, spaceQuery } from '../../shared/api/queries';
import { bare } from '../../shared/drawing/bare';
import { Elevation } from '../../shared/drawing/Elevation';
import { InSpace } from '../../shared/drawing/space/InSpace';
import { useSize } from '../../shared/drawing/useSize';
import { LOOKS_FROM, SPACE, VIEWS } from '../../shared/drawing/views';
import { dayAndTime } from '../../shared/format/units';
import type { Standpoint } from '../../shared/job/useStandpoint';
import { Photos } from '../../shared/photos/Photos';
import { NotesHere } from '../../shared/job/NotesHere';
import { isDone, minutesText, missing, screwText, settingText, viewFor } from './steps';
import type { Step } from './steps';

const NOTHING: ReadonlySet<string> = new Set();

/** So many steps that must be done first are named. */
const MOST = 4;

/** What is done to the whole rig has no side. */
const NO_SIDE = new Set(['LAY', 'TRY', 'STAND', 'TURN', 'LIFT', 'BALANCE']);

interface Props {
  /** The way back: the part comes off. */
  back: boolean;
  step: Step;
  steps: readonly Step[];
  at: Standpoint;
  revision: number;
  mayTick: boolean;
  /** When the step before was done. */
  begun: number;
  onSet: (step: Step, done: boolean, remark: string) => void;
  onChoose: (step: Step) => void;
}

/** One step, as one says it to somebody at the bench. */
export function StepCard({ back, step, steps, at, revision, mayTick, begun, onSet, onChoose }: Props) {
  const [remark, setRemark] = useState('');
  const waits = missing(step, steps);
  const done = isDone(step);
  return (
    <article className="step-card" aria-label={step.title}>
      <div className="step-words">
        <h2>{step.title}</h2>
        {step.where && <p className="step-where">{step.where}</p>}
        <dl>
          <Row name="hand">{step.where === '' || NO_SIDE.has(step.act) ? '' : step.side}</Row>
          <Row name="key">
            {step.tools.map((t) => (
              <span key={t.key} className={t.in === '' ? 'mark stop' : 'step-key'}>
                {t.key}
                <span className="soft"> {t.in === '' ? 'not packed' : `in ${t.in}`}</span>
              </span>
            ))}
          </Row>
          <Row name="screws">{step.screws.map(screwText).join('; ')}</Row>
          <Row name="how firm">{step.tight}</Row>
          <Row name="marks">{step.marks.join('; ')}</Row>
          <Row name="set">{step.settings.map(settingText).join('; ')}</Row>
          <Row name="check">{step.check}</Row>
          <Row name="why now">{step.whyNow}</Row>
        </dl>
        {step.caution && <p className="mark caution">{step.caution}</p>}
        {waits.length > 0 && (
          <div className="step-waits">
            <span className="mark caution">first</span>
            {waits.slice(0, MOST).map((w) => (
              <Button key={w.key} type="link" size="small" onClick={() => onChoose(w)}>
                {w.title}
              </Button>
            ))}
            {waits.length > MOST && <span className="soft">and {waits.length - MOST} more</span>}
          </div>
        )}
        {step.tick && (
          <p className={step.tick.stale ? 'mark caution' : 'mark met'}>
            {step.tick.stale ? 'changed since it was ticked by ' : 'done by '}
            {step.tick.at === '' ? 'you, being stored' : `${step.tick.who}, ${dayAndTime(step.tick.at)}`}
            {step.tick.minutes !== null && `, ${minutesText(step.tick.minutes)}`}
            {step.tick.remark && `: ${step.tick.remark}`}
          </p>
        )}
        {step.type && <NotesHere key={step.key} job={at.job} about={[`type:${step.type}`]} mayWrite={mayTick} />}
        <Photos key={`photos ${step.key}`} job={at.job} of={`step:${at.spot.build}|${step.key}`} mayTake={mayTick} />
        {step.part && (
          <p className="noprint">
            <Link to={at.at('bench', { part: step.part })}>on the Bench</Link>
          </p>
        )}
      </div>
      <Picture back={back} step={step} at={at} revision={revision} />
      {mayTick && (
        <div className="step-do noprint">
          <Button type={done ? 'default' : 'primary'} size="large" onClick={() => onSet(step, !done, remark.trim())}>
            {done ? 'Not done after all' : waits.length > 0 ? 'Done all the same' : 'Done'}
          </Button>
          <Input
            aria-label="Remark"
            placeholder="a remark, if there is one"
            maxLength={300}
            value={remark}
            onChange={(e) => setRemark(e.target.value)}
          />
          {!done && <Running since={begun} estimate={step.minutes} />}
        </div>
      )}
    </article>
  );
}

function Row({ name, children }: { name: string; children: ReactNode }) {
  if (children === '' || (Array.isArray(children) && children.length === 0)) return null;
  return (
    <>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </>
  );
}

/** How long the step has been going on, against what it usually takes. */
function Running({ since, estimate }: { since: number; estimate: number }) {
  const [now, setNow] = useState(since);
  useEffect(() => {
    const clock = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(clock);
  }, []);
  const seconds = Math.max(0, Math.round((now - since) / 1000));
  return (
    <span className="num soft step-clock">
      {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, '0')} of {minutesText(estimate)}
    </span>
  );
}

function Picture({ back, step, at, revision }: Pick<Props, 'back' | 'step' | 'at' | 'revision'>) {
  // Which side one looks from stays from step to step, once it is chosen.
  const asked = at.asked.get('view') ?? '';
  const inSpace = asked === SPACE;
  const view = VIEWS.find((v) => v.id === asked)?.id ?? viewFor(step);
  const query = useQuery({
    ...drawingQuery(at.spot, view, revision),
    placeholderData: keepPreviousData,
    enabled: !inSpace,
  });
  const all = useQuery({ ...spaceQuery(at.spot, revision), enabled: inSpace }).data;
  const ghosts = useMemo(() => notYet(all?.parts ?? [], step), [all, step]);
  const [box, size] = useSize({ width: 620, height: 480 });
  return (
    <figure className="step-picture">
      <div ref={box} className="step-drawing">
        {inSpace && (
          <InSpace
            spot={at.spot}
            revision={revision}
            chosen={step.part}
            lit={NOTHING}
            litAs="--chosen"
            ghosts={ghosts}
          />
        )}
        {!inSpace && query.data && (
          <Elevation
            drawing={bare(query.data, (cable) => cable.id === step.cable)}
            size={size}
            chosen={step.part}
            lit={[]}
            litAs=""
            layers={{ rooms: false, ports: false, cables: step.cable !== '', view: false }}
            ghosts={notYet(query.data.parts, step)}
            onChoose={() => undefined}
          />
        )}
      </div>
      <figcaption className="noprint">
        <Segmented
          aria-label="View from"
          options={LOOKS_FROM}
          value={inSpace ? SPACE : view}
          onChange={(v) => at.go({ view: v })}
          size="small"
        />{' '}
        {back
          ? 'what comes off is lit, what is off already is a shadow'
          : 'the rig after this step; what is new is lit, what comes later is a shadow'}
      </figcaption>
    </figure>
  );
}

/** Parts that are not on the rig in this step; the one that is handled is. */
function notYet(parts: readonly { placement: string }[], step: Step): ReadonlySet<string> {
  const on = new Set([...step.on, step.part]);
  return new Set(parts.map((p) => p.placement).filter((p) => !on.has(p)));
}
