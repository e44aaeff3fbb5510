import type { Schemas } from '../../shared/api/client';
import { fixed } from '../../shared/format/units';
import { driveText } from './said';

const ROD = 7.5;
const MARGIN = 12;

/** A drive seen from the front of the lens: the ring, the rods, and the arm as it meshes. Camera left is at the right. */
export function MeshPicture({ drive, lens }: { drive: Schemas['LensDrive']; lens: string }) {
  const on = drive.rods[0];
  const swing = on?.swings[0];
  const angle = ((swing ?? 0) * Math.PI) / 180;
  const gear = on && { x: on.xMm + drive.armMm * Math.sin(angle), y: on.yMm + drive.armMm * Math.cos(angle) };
  const xs = drive.rods
    .map((r) => r.xMm)
    .concat(gear ? [gear.x - drive.driveRadiusMm, gear.x + drive.driveRadiusMm] : []);
  const ys = drive.rods.map((r) => r.yMm).concat(gear ? [gear.y - drive.driveRadiusMm] : []);
  const w = Math.max(drive.gearRadiusMm, ...xs.map(Math.abs)) + MARGIN;
  const low = Math.min(-drive.gearRadiusMm, ...ys) - MARGIN;
  const top = drive.gearRadiusMm + MARGIN;
  return (
    <figure className="lens-mesh">
      <svg
        viewBox={`${-w} ${-top} ${2 * w} ${top - low}`}
        role="img"
        aria-label={`${drive.title} on ${lens}: ${driveText(drive)}`}
      >
        <circle className="ring" r={drive.gearRadiusMm} />
        {drive.rods.map((r) => (
          <circle key={r.xMm} className="rod" cx={r.xMm} cy={-r.yMm} r={ROD} />
        ))}
        {on && gear && (
          <g className={drive.state === 'FINE' ? 'drive' : 'drive stop'}>
            <line x1={on.xMm} y1={-on.yMm} x2={gear.x} y2={-gear.y} />
            <circle cx={gear.x} cy={-gear.y} r={drive.driveRadiusMm} />
          </g>
        )}
      </svg>
      <figcaption className={drive.state === 'FINE' ? 'soft' : 'mark stop'}>
        {drive.title}, {driveText(drive)}
        {swing !== undefined &&
          `; arm ${fixed(Math.abs(swing), 0)}° ${swing < 0 ? 'to the right' : 'to the left'} of up`}
      </figcaption>
    </figure>
  );
}
