import './drawing.css';
import type { Schemas } from '../api/client';
import { frameOf, path } from './paper';

/** A rig by its outlines alone, small: to be told from another at a glance. */
export function Silhouette({
  drawing,
  aspect,
  title,
}: {
  drawing: Schemas['DrawingView'];
  aspect: number;
  title: string;
}) {
  const frame = frameOf(drawing, aspect);
  return (
    <svg
      className="elevation silhouette"
      viewBox={`${frame.left} ${frame.top} ${frame.width} ${frame.height}`}
      role="img"
      aria-label={title}
    >
      {drawing.parts.map((part) =>
        part.shapes.map((s, i) => (
          <path key={`${part.placement} ${i}`} className="body" fillRule="evenodd" d={path(s.border) + path(s.bore)} />
        )),
      )}
    </svg>
  );
}
