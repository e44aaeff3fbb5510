import { useRef } from 'react';
import type { PointerEvent } from 'react';

/** The field on which one draws; what is drawn is kept in its units. */
const WIDTH = 600;
const HEIGHT = 200;
/** Nearer points add nothing that one would see. */
const STEP = 3;
const LONGEST = 20_000;

interface Props {
  /** Lines of an SVG path. */
  drawn: string;
  onDraw: (next: (drawn: string) => string) => void;
}

/** A field to sign on, by finger, pen or mouse. */
export function SignaturePad({ drawn, onDraw }: Props) {
  const last = useRef<[number, number] | null>(null);
  const at = (e: PointerEvent<SVGSVGElement>): [number, number] => {
    const box = e.currentTarget.getBoundingClientRect();
    const within = (v: number, most: number) => Math.round(Math.min(most - 1, Math.max(0, v)));
    return [
      within(((e.clientX - box.left) / box.width) * WIDTH, WIDTH),
      within(((e.clientY - box.top) / box.height) * HEIGHT, HEIGHT),
    ];
  };
  const add = (what: string) => onDraw((now) => (now.length + what.length > LONGEST ? now : now + what));
  return (
    <svg
      className="signature-pad"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={drawn === '' ? 'Field to sign on, empty' : 'Field to sign on, signed'}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        const [x, y] = at(e);
        last.current = [x, y];
        add(`M${x} ${y}`);
      }}
      onPointerMove={(e) => {
        if (!last.current) return;
        const [x, y] = at(e);
        if (Math.hypot(x - last.current[0], y - last.current[1]) < STEP) return;
        last.current = [x, y];
        add(`L${x} ${y}`);
      }}
      onPointerUp={() => {
        last.current = null;
      }}
      onPointerCancel={() => {
        last.current = null;
      }}
    >
      <line x1={30} x2={WIDTH - 30} y1={HEIGHT - 40} y2={HEIGHT - 40} />
      <path d={drawn} />
    </svg>
  );
}

/** A signature as it was drawn. */
export const Drawn = ({ drawn, of }: { drawn: string; of: string }) => (
  <svg className="signature-drawn" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={`Signature of ${of}`}>
    <path d={drawn} />
  </svg>
);
