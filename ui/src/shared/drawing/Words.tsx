import type { Placed } from './labels';

/** The words of a drawing, each beside its point or led to it. */
export function Words({ placed, text }: { placed: readonly Placed[]; text: number }) {
  return (
    <g className="words">
      {placed.map((p) => (
        <g key={p.key} className={p.className}>
          {p.leader && <path className="leader" d={`M${p.x} ${p.y}L${p.leader.x} ${p.leader.y}`} />}
          <text
            x={p.box.left + p.box.width / 2}
            y={p.box.top + p.box.height / 2}
            fontSize={text * p.size}
            textAnchor="middle"
            dominantBaseline="central"
          >
            {p.words}
          </text>
        </g>
      ))}
    </g>
  );
}
