import './tests.css';
import { Button } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { useInOrder } from '../../shared/api/inOrder';
import { instrumentsQuery, leaveTestOut, testsQuery } from '../../shared/api/wayQueries';
import { keys } from '../../shared/api/queries';
import { useCommands } from '../../shared/commands/commands';
import { freshId } from '../../shared/format/ids';
import { hasLeft } from '../../shared/job/stages';
import { useStandpoint } from '../../shared/job/useStandpoint';
import { BodyPick } from '../../shared/job/BodyPick';
import { DoneBar } from '../../shared/kit/DoneBar';
import { useBenchKeys } from '../../shared/kit/useBenchKeys';
import { useRefusal } from '../../shared/kit/useRefusal';
import { Waiting } from '../../shared/kit/Waiting';
import { StandIns } from './StandIns';
import { TestCard } from './TestCard';
import type { Says } from './TestCard';
import { TestList } from './TestList';
import { nextTest, openAfter } from './tests';
import type { Sheet, Test } from './tests';

/** What is tried and measured on a body before it leaves. */
export function TestsScreen({ session }: { session: Schemas['Session'] }) {
  const at = useStandpoint();
  const query = useQuery({ ...testsQuery(at.job, at.spot.build), enabled: at.build !== undefined });
  if (query.isError) return <p className="page error">{query.error.message}</p>;
  if (!at.build || query.isPending) return <Waiting />;
  return <Tests key={at.spot.build} at={at} sheet={query.data} session={session} />;
}

interface TestsProps {
  at: ReturnType<typeof useStandpoint>;
  sheet: Sheet;
  session: Schemas['Session'];
}

function Tests({ at, sheet, session }: TestsProps) {
  const client = useQueryClient();
  const refused = useRefusal();
  const mayTest = session.editsBuilds && !hasLeft(at.data?.stage);
  const { build } = at.spot;
  const key = testsQuery(at.job, build).queryKey;
  const say = useInOrder({
    kind: 'found',
    key,
    onRefused: refused,
    onQuiet: () => void client.invalidateQueries({ queryKey: keys.dispatch(at.job) }),
  });
  const leave = useMutation({
    mutationFn: (left: Schemas['LeftOut']) => leaveTestOut(at.job, build, left),
    onSuccess: (sheet) => client.setQueryData(key, sheet),
    onError: refused,
  });
  const [standIns, setStandIns] = useState(false);
  const pretending = useQuery(instrumentsQuery).data?.some((i) => i.pretends !== null) ?? false;
  const tests = sheet.tests;
  const test = tests.find((t) => t.key === at.asked.get('test')) ?? nextTest(tests);
  const choose = (next: Test | undefined) => next && at.go({ test: next.key });
  const by = (n: number) => test && choose(tests[tests.indexOf(test) + n]);
  const found = (of: Test, says: Says) => {
    say.send({ job: at.job, build, found: { id: freshId(), test: of.key, print: of.print, ...says } });
    choose(openAfter(tests, of.key));
  };
  useBenchKeys({
    ' ': () => {
      if (test && mayTest && !test.measured)
        found(test, { said: 'HOLDS', value: 0, plusMinus: 0, reading: '', remark: '' });
    },
    ArrowDown: () => by(1),
    ArrowUp: () => by(-1),
    v: () => document.getElementById('measured')?.focus(),
  });
  useCommands(() => [
    { title: 'Next test', key: '↓', run: () => by(1) },
    { title: 'Test before', key: '↑', run: () => by(-1) },
    { title: 'Next open test', run: () => test && choose(openAfter(tests, test.key)) },
  ]);
  return (
    <main className="tests">
      <header className="tests-head">
        <BodyPick at={at} />
        <DoneBar label="Tests passed" done={sheet.done} of={tests.length}>
          {sheet.done} of {tests.length} passed
        </DoneBar>
        {sheet.failed > 0 && <span className="mark stop">{sheet.failed} failed or undecided</span>}
        {mayTest && pretending && (
          <Button className="noprint" onClick={() => setStandIns(true)}>
            Stand-ins
          </Button>
        )}
      </header>
      <div className="tests-body">
        <TestList tests={tests} chosen={test?.key ?? ''} onChoose={choose} />
        {test && (
          <TestCard
            key={test.key}
            test={test}
            at={at}
            mayTest={mayTest}
            mayLeaveOut={mayTest && session.waives}
            onSay={found}
            onLeaveOut={(of, reason) => {
              leave.mutate({ id: freshId(), test: of.key, reason });
              choose(openAfter(tests, of.key));
            }}
          />
        )}
      </div>
      <p className="soft tests-foot">
        What is tried follows from the parts, the joints and the brief; what is changed later is tried anew. Batteries,
        heads under load and radios: makers’ instructions, local rules and licensed people come first.
      </p>
      {standIns && <StandIns onClose={() => setStandIns(false)} />}
    </main>
  );
}
