import './assembly.css';
import { Input, Segmented } from 'antd';
import type { InputRef } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { useInOrder } from '../../shared/api/inOrder';
import { assemblyQuery } from '../../shared/api/queries';
import { useCommands } from '../../shared/commands/commands';
import { freshId } from '../../shared/format/ids';
import { counted, fixed } from '../../shared/format/units';
import { hasLeft } from '../../shared/job/stages';
import { useStandpoint } from '../../shared/job/useStandpoint';
import { WornAs } from '../../shared/job/WornAs';
import { DoneBar } from '../../shared/kit/DoneBar';
import { Pick } from '../../shared/kit/Pick';
import { useBenchKeys } from '../../shared/kit/useBenchKeys';
import { useRefusal } from '../../shared/kit/useRefusal';
import { Waiting } from '../../shared/kit/Waiting';
import { StepCard } from './StepCard';
import { StepList } from './StepList';
import { isDone, minutesText, nextStep, SENT, stepOf, withTicks } from './steps';
import type { Step } from './steps';

/** The rig put together from its parts, one step at a time. */
export function AssemblyScreen({ session }: { session: Schemas['Session'] }) {
  const at = useStandpoint();
  const back = at.asked.get('way') === 'back';
  const query = useQuery({ ...assemblyQuery(at.spot, back), enabled: at.build !== undefined });
  if (query.isError) return <p className="page error">{query.error.message}</p>;
  if (!at.build || query.isPending) return <Waiting />;
  const mayTick = !back && session.editsBuilds && !hasLeft(at.data?.stage);
  return (
    <Steps
      key={`${at.spot.build}/${at.spot.configuration}/${back}`}
      back={back}
      at={at}
      sheet={query.data}
      mayTick={mayTick}
      revision={at.data?.revision ?? 0}
    />
  );
}

interface StepsProps {
  /** The way back: the rig is taken apart. */
  back: boolean;
  at: ReturnType<typeof useStandpoint>;
  sheet: Schemas['AssemblySheet'];
  mayTick: boolean;
  revision: number;
}

function Steps({ back, at, sheet, mayTick, revision }: StepsProps) {
  const refused = useRefusal();
  const find = useRef<InputRef>(null);
  const [asked, setAsked] = useState('');
  const [begun, setBegun] = useState(() => Date.now());
  const steps = sheet.steps;
  const { build, configuration, lens } = at.spot;
  const paper = `/api/jobs/${at.job}/builds/${build}/assembly.pdf`;
  const step = steps.find((s) => s.key === at.asked.get('step')) ?? nextStep(steps);
  const choose = (next: Step | undefined) => next && at.go({ step: next.key });
  const key = assemblyQuery(at.spot).queryKey;
  const tick = useInOrder({
    kind: 'tick',
    key,
    meanwhile: (now, { ticks }) => withTicks(now, ticks),
    onRefused: refused,
  });
  const set = (of: Step, done: boolean, remark: string) => {
    const minutes = done ? Math.min(600, (Date.now() - begun) / 60_000) : 0;
    setBegun(Date.now());
    const ticks = [{ id: freshId(), step: of.key, print: of.print, done, minutes, remark }];
    tick.send({ spot: at.spot, ticks });
    if (done) choose(nextStep(steps.map((s) => (s.key === of.key ? { ...s, tick: SENT } : s))));
  };
  const by = (n: number) => step && choose(steps[steps.indexOf(step) + n]);
  useBenchKeys({
    ' ': () => {
      if (step && mayTick) set(step, !isDone(step), '');
    },
    ArrowDown: () => by(1),
    ArrowUp: () => by(-1),
    s: () => find.current?.focus(),
  });
  useCommands(() => [
    { title: 'Next step', key: '↓', run: () => by(1) },
    { title: 'Step before', key: '↑', run: () => by(-1) },
    { title: 'Find the step of a part', key: 's', run: () => find.current?.focus() },
  ]);
  const found = () => {
    const there = stepOf(asked, steps);
    if (there) {
      choose(there);
      setAsked('');
    } else refused(new Error(`No step of this rig has ${asked}.`));
  };
  return (
    <main className="assembly">
      <header className="assembly-head">
        <WornAs at={at} />
        <label>
          with{' '}
          <Pick
            label="Lens in the slot"
            value={at.spot.lens}
            onChange={(lens) => at.go({ lens })}
            options={(at.build?.lenses ?? []).map((l) => ({ value: l.id, label: l.title }))}
          />
        </label>
        <Input.Search
          ref={find}
          className="assembly-find noprint"
          aria-label="Scan or type a part"
          placeholder="scan or type a part (s)"
          value={asked}
          onChange={(e) => setAsked(e.target.value)}
          onSearch={found}
        />
        <Segmented
          className="noprint"
          aria-label="Way"
          value={back ? 'back' : 'on'}
          options={[
            { value: 'on', label: 'build' },
            { value: 'back', label: 'take apart' },
          ]}
          onChange={(way) => at.go({ way: way === 'back' ? 'back' : '', step: '' })}
        />
        {!back && (
          <DoneBar label="Steps done" done={sheet.done} of={steps.length}>
            {sheet.done} of {steps.length}, {minutesText(sheet.minutesLeft)} left
          </DoneBar>
        )}
        <a
          className="noprint assembly-pdf"
          href={`${paper}?${new URLSearchParams({ configuration, lens }).toString()}`}
        >
          PDF
        </a>
      </header>
      {sheet.loops.map((l) => (
        <p key={l.asked} className="mark caution assembly-loop">
          Not possible: {l.asked} ({l.against.join(' ')})
        </p>
      ))}
      <div className="assembly-body">
        <StepList back={back} steps={steps} chosen={step?.key ?? ''} onChoose={choose} />
        {step && (
          <StepCard
            key={step.key}
            step={step}
            back={back}
            steps={steps}
            at={at}
            revision={revision}
            mayTick={mayTick}
            begun={begun}
            onSet={set}
            onChoose={choose}
          />
        )}
      </div>
      <p className="soft assembly-foot">
        {minutesText(sheet.minutes)} for one pair of hands with {counted(sheet.keys.length, 'key')}:{' '}
        {sheet.keys.join(', ')}. Of these {fixed(sheet.setUpMinutes, 1)} min go into fetching keys, going round and
        turning over; in the order of the rig it would be {fixed(sheet.plainSetUpMinutes, 1)}, and no order needs less
        than {fixed(sheet.leastSetUpMinutes, 1)}. Where somebody can be hurt, local rules and licensed people come
        first.
      </p>
    </main>
  );
}
