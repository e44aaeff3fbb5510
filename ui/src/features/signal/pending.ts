import type { Schemas } from '../../shared/api/client';
import type { Act } from '../../shared/job/acts';

type Signals = Schemas['Signals'];

/** One number set: switches and tracks as if it stood. */
function withSet(s: Signals, key: string, value: number): Signals {
  return {
    ...s,
    switches: s.switches.map((row) => ({
      ...row,
      look: row.lookKey.includes(key) ? value === 1 : row.look,
      quarterTurns: row.turnKey === key ? value : row.quarterTurns,
    })),
    sound: s.sound.map((row) => (row.safetyKey.includes(key) ? { ...row, safetyDb: value } : row)),
  };
}

/** The signals as they will be once what is on its way has arrived, as far as it can be shown in advance. */
export function withPending(signals: Signals, acts: readonly Act[]): Signals {
  return acts.reduce((s, act) => {
    if (act.kind !== 'edit') return s;
    const r = act.request;
    if (r.kind === 'SET') return withSet(s, r.key, r.value);
    if (r.kind === 'UNPLUG') return { ...s, cables: s.cables.filter((c) => c.id !== r.cable) };
    if (r.kind === 'LAY') {
      return { ...s, cables: s.cables.map((c) => (c.id === r.cable ? { ...c, along: r.along, stowedIn: r.bay } : c)) };
    }
    return s;
  }, signals);
}
