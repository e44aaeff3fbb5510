import { BodyPick } from './BodyPick';
import { Pick } from '../kit/Pick';
import type { Standpoint } from './useStandpoint';

/** Which body of the job is looked at, when there are several, and how it is worn. */
export function WornAs({ at }: { at: Standpoint }) {
  const named = (all: readonly { id: string; title: string }[]) => all.map((o) => ({ value: o.id, label: o.title }));
  return (
    <>
      <BodyPick at={at} />
      <span className="worn">
        worn as{' '}
        <Pick
          label="Configuration"
          value={at.spot.configuration}
          options={named(at.build?.configurations ?? [])}
          onChange={(config) => at.go({ config })}
        />
      </span>
    </>
  );
}
