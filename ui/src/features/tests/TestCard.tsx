import { Button, Input } from 'antd';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { drawingQuery } from '../../shared/api/queries';
import { bare } from '../../shared/drawing/bare';
import { Elevation } from '../../shared/drawing/Elevation';
import { useSize } from '../../shared/drawing/useSize';
import { dayAndTime } from '../../shared/format/units';
import type { Standpoint } from '../../shared/job/useStandpoint';
import { Photos } from '../../shared/photos/Photos';
import { Measuring } from './Measuring';
import { figure, neededText, withText } from './tests';
import type { Found, Test } from './tests';

/** What somebody says of the test on the card. */
export type Says = Pick<Found, 'said' | 'value' | 'plusMinus' | 'reading' | 'remark'>;

interface Props {
  test: Test;
  at: Standpoint;
  mayTest: boolean;
  mayLeaveOut: boolean;
  onSay: (test: Test, says: Says) => void;
  onLeaveOut: (test: Test, reason: string) => void;
}

/** One test: what is done, what has to come out, what came out. */
export function TestCard({ test, at, mayTest, mayLeaveOut, onSay, onLeaveOut }: Props) {
  const [remark, setRemark] = useState('');
  const [error, setError] = useState('');
  const words = remark.trim();
  const fails = () => {
    if (words === '') setError('Say what is wrong: whoever mends it reads only that.');
    else onSay(test, { said: 'DOES_NOT', value: 0, plusMinus: 0, reading: '', remark: words });
  };
  const leave = () => {
    if (words === '') setError('Say why it is left out.');
    else onLeaveOut(test, words);
  };
  return (
    <article className="test-card" aria-label={test.title}>
      <div className="test-words">
        <h2>{test.title}</h2>
        <p className="test-how">{test.how}</p>
        <dl>
          <dt>needed</dt>
          <dd className={test.measured ? 'num' : undefined}>{test.measured ? neededText(test) : test.holds}</dd>
          {test.computed !== null && (
            <>
              <dt>computed</dt>
              <dd className="num">
                {figure(test.computed)} {test.unit}
              </dd>
            </>
          )}
          <dt>with</dt>
          <dd>{withText(test.instrument)}</dd>
          {test.twice && (
            <>
              <dt>by</dt>
              <dd>two people, one after the other</dd>
            </>
          )}
          <dt>otherwise</dt>
          <dd>{test.why}</dd>
        </dl>
        {test.settles !== 'NOTHING' && (
          <p className="soft">
            The day is judged by what is measured here
            {test.settles === 'DRAW' && ', for as long as the same things hang on it'}.
          </p>
        )}
        {test.part && (
          <p className="noprint">
            <Link to={at.at('bench', { part: test.part, config: test.configuration })}>on the Bench</Link>
          </p>
        )}
        {mayTest && (
          <div className="test-do noprint">
            <Input
              aria-label="Remark"
              placeholder="a remark; what is wrong, where something is"
              maxLength={300}
              value={remark}
              onChange={(e) => {
                setRemark(e.target.value);
                setError('');
              }}
            />
            {test.measured ? (
              <Measuring test={test} onSay={(says) => onSay(test, { said: 'MEASURED', ...says, remark: words })} />
            ) : (
              <div className="test-answers">
                <Button
                  type="primary"
                  size="large"
                  onClick={() => onSay(test, { said: 'HOLDS', value: 0, plusMinus: 0, reading: '', remark: words })}
                >
                  It is so
                </Button>
                <Button size="large" danger onClick={fails}>
                  It is not
                </Button>
              </div>
            )}
            {mayLeaveOut && (
              <Button type="link" size="small" onClick={leave}>
                Leave it out, for the reason in the remark
              </Button>
            )}
            {error && (
              <p className="error" role="alert">
                {error}
              </p>
            )}
          </div>
        )}
        <Photos key={`photos ${test.key}`} job={at.job} of={`test:${test.key}`} mayTake={mayTest} />
        <Results test={test} />
      </div>
      <Where test={test} at={at} />
    </article>
  );
}

const NO_LAYERS = { rooms: false, ports: false, cables: false, view: false };
const NOTHING: ReadonlySet<string> = new Set();

/** The rig as it is tried, with the part that is meant lit. */
function Where({ test, at }: Pick<Props, 'test' | 'at'>) {
  const spot = { ...at.spot, configuration: test.configuration, lens: test.lens || at.spot.lens };
  const query = useQuery({
    ...drawingQuery(spot, 'LEFT', at.data?.revision ?? 0),
    placeholderData: keepPreviousData,
  });
  const [box, size] = useSize({ width: 320, height: 420 });
  return (
    <figure ref={box} className="test-picture" aria-label="The rig from its left">
      {query.data && (
        <Elevation
          drawing={bare(query.data)}
          size={size}
          chosen={test.part}
          lit={[]}
          litAs=""
          layers={NO_LAYERS}
          ghosts={NOTHING}
          onChoose={() => undefined}
        />
      )}
    </figure>
  );
}

const OUTCOMES = { PASSED: 'passed', FAILED: 'failed', UNDECIDED: 'decides nothing', WAIVED: 'left out' } as const;
const MARKS = { PASSED: 'met', FAILED: 'stop', UNDECIDED: 'caution', WAIVED: 'caution' } as const;

/** Everything that was ever found, the last first. */
function Results({ test }: { test: Test }) {
  if (test.results.length === 0) return <p className="soft">Not tried yet.</p>;
  return (
    <ol className="test-results" aria-label="Results">
      {test.results.map((r) => (
        <li key={`${r.at} ${r.who}`} className={r.stale ? 'soft' : undefined}>
          <span className={`mark ${MARKS[r.outcome]}`}>{OUTCOMES[r.outcome]}</span>{' '}
          {r.value !== null && (
            <span className="num">
              {figure(r.value)}
              {r.plusMinus > 0 && ` ± ${figure(r.plusMinus)}`} {r.unit}
            </span>
          )}{' '}
          {r.instrument && `by ${r.instrument} `}
          <span className="soft">
            {r.who}, {dayAndTime(r.at)}, revision {r.revision}
            {r.stale && '; it was another test then'}
          </span>
          {r.remark && <span className="test-remark">{r.remark}</span>}
        </li>
      ))}
    </ol>
  );
}
