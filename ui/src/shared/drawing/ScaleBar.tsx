import type { Frame } from './paper';
import { barLength } from './ruler';

/** A round length at the lower left, with the distance of the grid's lines. */
export function ScaleBar({ frame, text, step }: { frame: Frame; text: number; step: number }) {
  const mmPerPx = frame.width / widthInPx(frame, text);
  const length = barLength(mmPerPx);
  const x = frame.left + text;
  const y = frame.top + frame.height - text * 1.2;
  const tick = text * 0.35;
  return (
    <g className="scale-bar">
      <path d={`M${x} ${y - tick}V${y}H${x + length}V${y - tick}`} />
      <text x={x + length + text * 0.6} y={y} fontSize={text * 0.95}>
        {`${length} mm, grid ${step}`}
      </text>
    </g>
  );
}

/** Letters are so many pixels high: how wide the sheet is in pixels. */
export const LETTER_PX = 11.5;

const widthInPx = (frame: Frame, text: number) => (frame.width / text) * LETTER_PX;

/** What the bar takes of the sheet: no label stands there. */
export function scaleBarRoom(frame: Frame, text: number) {
  return { left: frame.left, top: frame.top + frame.height - 2.6 * text, width: 30 * text, height: 2.6 * text };
}
