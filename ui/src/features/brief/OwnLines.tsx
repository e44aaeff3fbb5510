import { Input } from 'antd';
import { Line, Lines, useLines } from './Lines';
import type { AsksProps } from './Lines';

/** Demands in words: no check can judge them, so a named person ticks each. */
export function OwnLines({ asks, onChange }: Pick<AsksProps, 'asks' | 'onChange'>) {
  const { drop, add } = useLines(asks.own, (own) => onChange({ ...asks, own }));
  const say = (at: number, words: string) => onChange({ ...asks, own: asks.own.map((w, i) => (i === at ? words : w)) });
  return (
    <Lines
      title="Demands in words"
      add={() => add('')}
      empty="Nothing is asked in words. What no figure can prove is ticked by somebody with their name."
      note="Each is open until somebody ticks it."
    >
      {asks.own.map((words, i) => (
        <Line key={i} place={`brief.asks.own[${i}]`} onDrop={() => drop(i)}>
          <Input
            aria-label="Demand in words"
            value={words}
            required
            maxLength={120}
            placeholder="the rig must look small, says the director"
            onChange={(e) => say(i, e.target.value)}
          />
        </Line>
      ))}
    </Lines>
  );
}
