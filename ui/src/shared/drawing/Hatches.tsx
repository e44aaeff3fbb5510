/** Hatching by category: what a part is shows without colour, on paper too. `scale`: millimetres a pixel, so that it is as fine at any zoom. */
export function Hatches({ scale = 1 }: { scale?: number }) {
  const patternTransform = `scale(${scale})`;
  const line = { stroke: 'var(--line)', strokeWidth: 0.35, opacity: 0.5 };
  const rows: [string, number, string][] = [
    ['slant', 7, 'M-1 8L8 -1'],
    ['slant-wide', 12, 'M-1 13L13 -1'],
    ['back', 7, 'M-1 -1L8 8'],
    ['level', 5, 'M0 2.5H5'],
    ['level-wide', 9, 'M0 4.5H9'],
    ['upright', 7, 'M3.5 0V7'],
    ['cross', 8, 'M0 4H8M4 0V8'],
  ];
  return (
    <defs>
      {rows.map(([id, size, d]) => (
        <pattern
          key={id}
          id={`h-${id}`}
          width={size}
          height={size}
          patternUnits="userSpaceOnUse"
          patternTransform={patternTransform}
        >
          <path d={d} fill="none" {...line} />
        </pattern>
      ))}
      <pattern id="h-dots" width={7} height={7} patternUnits="userSpaceOnUse" patternTransform={patternTransform}>
        <circle cx={2} cy={2} r={0.7} fill="var(--line)" opacity={0.6} />
      </pattern>
    </defs>
  );
}
