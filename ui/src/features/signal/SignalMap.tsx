import type { KeyboardEvent } from 'react';
import type { Schemas } from '../../shared/api/client';
import { BOX, CARRIED, curve, layout, lines, wordsAt } from './layout';
import { words } from '../../shared/format/units';

interface Props {
  boxes: Schemas['BoxRow'][];
  links: Schemas['LinkRow'][];
  failed: string;
  onFail: (id: string) => void;
}

const PAD = 14;
const HOW: Record<Schemas['LinkRow']['kind'], string> = {
  CABLE: '',
  CONTACT: ', by contacts',
  RADIO: ', by radio',
  THROUGH: '',
  LIVE: '',
};
const MOST_LETTERS = 26;

const shortened = (text: string) => (text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS - 1)}…` : text);

/** Boxes and what runs between them, from where the picture begins to who looks at it. */
export function SignalMap({ boxes, links, failed, onFail }: Props) {
  if (boxes.length === 0) return <p className="soft">Nothing on this rig gives or takes a signal yet.</p>;
  const { places, width, height } = layout(boxes, links);
  const dark = new Set(boxes.find((b) => b.id === failed)?.dark ?? []);
  const key = (id: string) => (e: KeyboardEvent) => {
    if (e.key !== 'Enter' && e.key !== ' ') return;
    e.preventDefault();
    onFail(id);
  };
  return (
    <svg
      className="signal-map"
      viewBox={`${-PAD} ${-PAD} ${Math.max(width, 3 * BOX.width) + 2 * PAD} ${height + 2 * PAD}`}
      style={{ maxHeight: Math.max(150, height + 2 * PAD) }}
      preserveAspectRatio="xMinYMid meet"
      role="group"
      aria-label={`${boxes.length} boxes, ${links.length} links`}
    >
      {links.map((l, i) => {
        const from = places.get(l.from);
        const to = places.get(l.to);
        if (!from || !to) return null;
        const gone = dark.has(l.from) || dark.has(l.to);
        const at = wordsAt(from, to);
        return (
          <g key={i}>
            <path className={`link ${words(l.carried)} ${words(l.kind)} ${gone ? 'gone' : ''}`} d={curve(from, to)}>
              <title>{`${CARRIED[l.carried]}: ${l.fromSocket} to ${l.toSocket}${HOW[l.kind]}`}</title>
            </path>
            {at && (
              <text className="words" x={at.x} y={at.y} textAnchor="end">
                {l.kind === 'RADIO' ? 'radio' : l.fromSocket}
              </text>
            )}
          </g>
        );
      })}
      {boxes.map((b) => {
        const at = places.get(b.id) ?? { x: 0, y: 0 };
        const title = lines(b.title);
        const below = b.label ? `good for ${b.label}` : b.sits ? `on ${b.sits}` : '';
        const plugged = links.some((l) => l.from === b.id || l.to === b.id);
        return (
          <g
            key={b.id}
            className={`box ${b.onRig ? '' : 'beside'} ${dark.has(b.id) ? 'dark' : ''} ${b.id === failed ? 'failed' : ''}`}
            transform={`translate(${at.x} ${at.y})`}
            role="button"
            tabIndex={0}
            aria-pressed={b.id === failed}
            aria-label={`${b.title}${b.label ? `, good for ${b.label}` : ''}${plugged ? '' : ', nothing plugged'}${b.sits ? `, on ${b.sits}` : ''}. Without power: ${b.lost.join('; ') || 'nothing else is lost'}`}
            onClick={() => onFail(b.id)}
            onKeyDown={key(b.id)}
          >
            <rect width={BOX.width} height={BOX.height} rx={3} />
            {title.map((t, i) => (
              <text key={i} x={8} y={(below || !plugged ? 15 : 20) + i * 13}>
                {t}
              </text>
            ))}
            {(below || !plugged) && (
              <text x={8} y={BOX.height - 5} className="soft">
                {plugged ? shortened(below) : 'nothing plugged'}
              </text>
            )}
            <title>{[b.title, below, b.label && b.sits ? `on ${b.sits}` : ''].filter(Boolean).join(', ')}</title>
          </g>
        );
      })}
    </svg>
  );
}
