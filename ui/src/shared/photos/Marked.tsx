import type { PointerEvent } from 'react';
import { pictureOf } from '../api/photoQueries';
import type { Photo } from '../api/photoQueries';
import { arrowPath } from './marks';
import type { Mark } from './marks';

interface Props {
  photo: Photo;
  marks: readonly Mark[];
  onDown?: (e: PointerEvent<SVGSVGElement>) => void;
  onMove?: (e: PointerEvent<SVGSVGElement>) => void;
  onUp?: (e: PointerEvent<SVGSVGElement>) => void;
}

/** A photo with what is pointed at in it; lines and letters have one size whatever the size of the picture. */
export function Marked({ photo, marks, onDown, onMove, onUp }: Props) {
  const { widthPx: w, heightPx: h } = photo;
  const unit = Math.max(w, h) / 1000;
  return (
    <svg
      className={`marked ${onDown ? 'drawn-on' : ''}`}
      viewBox={`0 0 ${w} ${h}`}
      // Its box is the picture's own, so that a share of the one is a share of the other.
      style={{ width: `min(100%, calc((100vh - 330px) * ${(w / h).toFixed(4)}))`, aspectRatio: `${w} / ${h}` }}
      role="img"
      aria-label={[photo.words || 'Photo', ...marks.map((m) => m.words).filter(Boolean)].join('. ')}
      onPointerDown={onDown}
      onPointerMove={onMove}
      onPointerUp={onUp}
    >
      <image href={pictureOf(photo, false)} width={w} height={h} />
      {marks.map((m, i) => (
        <g key={i} className="photo-mark">
          {m.kind === 'ARROW' && (
            <>
              <path className="edge" d={arrowPath(m, w, h)} strokeWidth={9 * unit} />
              <path d={arrowPath(m, w, h)} strokeWidth={4 * unit} />
            </>
          )}
          {m.words !== '' && (
            <text
              x={m.fromX * w}
              y={m.fromY * h + (m.kind === 'ARROW' && m.toY < m.fromY ? 26 * unit : -8 * unit)}
              fontSize={24 * unit}
              strokeWidth={6 * unit}
              textAnchor={m.fromX > 0.8 ? 'end' : m.fromX < 0.2 ? 'start' : 'middle'}
            >
              {m.words}
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}
