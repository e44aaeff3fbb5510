import { useEffect, useRef, useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import type { Sheet } from '../../shared/drawing/Elevation';
import { Panels } from '../../shared/kit/Panels';
import { Waiting } from '../../shared/kit/Waiting';
import type { Standpoint } from '../../shared/job/useStandpoint';
import { useCommands } from '../../shared/commands/commands';
import { benchCommands } from './benchCommands';
import { BenchBar } from './BenchBar';
import { BenchDialogs } from './BenchDialogs';
import type { Opened } from './BenchDialogs';
import { ElevationPanel } from './ElevationPanel';
import { FindingsPanel } from './FindingsPanel';
import { scoped } from './logic';
import { MetersBar } from './MetersBar';
import { StackPanel } from './StackPanel';
import { useBench } from './useBench';
import type { DoAct } from './useBench';
import { useBenchActions } from './useBenchActions';
import { useBenchKeys } from './useBenchKeys';

interface Props {
  at: Standpoint;
  canEdit: boolean;
  session: Schemas['Session'];
}

/** What is lit on the drawing and where else it stands: parts of a finding, or the part pointed at. */
interface Light {
  placements: readonly string[];
  as: string;
}

const DARK: Light = { placements: [], as: '' };

/** The build in its order, as it looks, and what is found: three panels that show the same parts. */
export function Bench({ at, canEdit, session }: Props) {
  const { spot } = at;
  const [light, setLight] = useState(DARK);
  const [chosenToo, setGathered] = useState<readonly string[]>([]);
  const [measuring, setMeasuring] = useState(false);
  const [opened, setOpened] = useState<Opened | null>(null);
  const sheet = useRef<Sheet>(null);
  const go = (name: string, value: string) => at.go({ [name]: value });
  const { query, bench, pending, act, foresee, drop } = useBench(spot, session.displayName, (c) => go('config', c));
  const gathered = chosenToo.filter((p) => bench?.stack.some((r) => r.placement === p));
  const only = at.asked.get('only') === '1';
  // Cards that have not changed are not drawn anew: what they call must know the box as it stands when it is called.
  const here = useRef(only);
  useEffect(() => {
    here.current = only;
  });
  const run: DoAct = (a) =>
    void act(a.kind === 'edit' ? { kind: 'edit', ...scoped(a.request, here.current) } : a).catch(() => undefined);
  const actions = {
    ...useBenchActions({ bench, me: session.displayName, canEdit, run, go, open: setOpened }),
    gathered,
    gather: (placement: string) =>
      setGathered((before) =>
        placement === ''
          ? []
          : before.includes(placement)
            ? before.filter((p) => p !== placement)
            : [...before, placement],
      ),
    measuring,
    measure: () => setMeasuring((on) => !on),
    zoom: (by: number) => sheet.current?.by(by),
    fit: () => sheet.current?.fit(),
  };
  useBenchKeys(bench, at.part, actions, opened !== null);
  useCommands(() => benchCommands(bench, at.part, actions));
  const sliding = (key: string, value: number) => scoped({ kind: 'SET', key, value }, only);
  const slide = {
    onDrop: (key: string, value: number) => drop(sliding(key, value)),
    onRest: (key: string, value: number) => foresee(sliding(key, value)),
  };
  const fixing = pending.flatMap((a) => (a.kind === 'edit' && a.request.kind === 'FIX' ? [a.request.finding] : []));
  const point = (placement: string) => setLight(placement ? { placements: [placement], as: 'pointed' } : DARK);
  if (query.isPending) return <Waiting />;
  if (query.isError || !bench) return <p className="page error">{query.error?.message}</p>;
  return (
    <div className="bench" aria-busy={pending.length > 0}>
      <BenchBar bench={bench} bodies={at.builds} go={go} actions={actions} only={only} />
      <Panels
        name="bench"
        left={
          <StackPanel
            bench={bench}
            chosen={at.part}
            lit={light.placements}
            actions={actions}
            act={run}
            onPoint={point}
          />
        }
        right={
          <FindingsPanel
            bench={bench}
            canEdit={canEdit}
            waives={session.waives}
            waiting={query.isPlaceholderData}
            fixing={fixing}
            pointed={light.as === 'pointed' ? light.placements : DARK.placements}
            chosen={at.part}
            act={run}
            onLight={(f) => setLight(f ? { placements: f.placements, as: f.severity.toLowerCase() } : DARK)}
            onLens={actions.lens}
          />
        }
      >
        <ElevationPanel
          spot={spot}
          revision={bench.revision}
          view={at.asked.get('view') ?? 'RIGHT'}
          chosen={at.part}
          lit={light.placements}
          litAs={light.as}
          measuring={measuring}
          onMeasure={actions.measure}
          onChoose={actions.choose}
          onHover={point}
          onView={actions.view}
          slide={canEdit ? slide : undefined}
          sheet={sheet}
        />
      </Panels>
      <MetersBar meters={bench.meters} onBalance={actions.balance} />
      {opened && (
        <BenchDialogs
          opened={opened}
          bench={bench}
          spot={spot}
          canEdit={canEdit}
          onOpen={setOpened}
          onRequest={(request) => run({ kind: 'edit', request })}
          onBack={(seq) => run({ kind: 'back', seq })}
        />
      )}
    </div>
  );
}
