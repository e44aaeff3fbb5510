import { Pick } from '../kit/Pick';
import type { Standpoint } from './useStandpoint';

/** Which body of the job is looked at, when there are several. */
export function BodyPick({ at }: { at: Standpoint }) {
  if (at.builds.length < 2) return null;
  return (
    <span className="worn">
      of{' '}
      <Pick
        label="Build"
        value={at.spot.build}
        options={at.builds.map((b) => ({ value: b.id, label: b.title }))}
        onChange={(build) => at.go({ build })}
      />
    </span>
  );
}
