import type { Schemas } from '../../shared/api/client';
import type { Command } from '../../shared/commands/commands';
import type { BenchActions } from './useBenchKeys';
import { SPACE, VIEWS } from '../../shared/drawing/views';

function gathering(row: Schemas['Row'], a: BenchActions): Command[] {
  return [
    {
      title: `Move ${row.title} to the other side`,
      key: 'o',
      run: () => a.byHand(row.placement, row.title, 'OTHER_SIDE'),
    },
    { title: `One more ${row.title}`, key: 'e', run: () => a.byHand(row.placement, row.title, 'DUPLICATE') },
    {
      title: a.gathered.includes(row.placement) ? `${row.title} out of those chosen` : `Choose ${row.title} as well`,
      key: 'v',
      run: () => a.gather(row.placement),
    },
  ];
}

/** What one can do on the Bench, each with its key: the list of keys and the search are both made of it. */
export function benchCommands(bench: Schemas['Bench'] | undefined, chosen: string, a: BenchActions): Command[] {
  const row = bench?.stack.find((r) => r.placement === chosen);
  const edits: Command[] = a.canEdit
    ? [
        ...(row ? [{ title: `Add a part to ${row.title}`, key: 'f', run: () => a.openFit(row.placement) }] : []),
        ...(row && !row.root
          ? [{ title: `Take off ${row.title}`, key: 'Delete', run: () => a.askRemove(row.placement) }]
          : []),
        ...(row
          ? [{ title: `Exchange ${row.title}`, key: 'x', run: () => a.byHand(row.placement, row.title, 'EXCHANGE') }]
          : []),
        ...(row && !row.root
          ? [
              {
                title: `Move ${row.title} to another port`,
                key: 'g',
                run: () => a.byHand(row.placement, row.title, 'MOVE'),
              },
              {
                title: `Put a part under ${row.title}`,
                key: 'u',
                run: () => a.byHand(row.placement, row.title, 'INSERT'),
              },
              {
                title: `Join a second face of ${row.title}`,
                key: 'j',
                run: () => a.byHand(row.placement, row.title, 'CLOSE'),
              },
              { title: `Take off ${row.title} and say why`, run: () => a.removeSaying([row.placement], row.title) },
              ...gathering(row, a),
            ]
          : []),
        ...(bench?.undo ? [{ title: `Undo: ${bench.undo}`, key: 'Ctrl Z', run: a.undo }] : []),
        ...(bench?.redo ? [{ title: `Redo: ${bench.redo}`, key: 'Ctrl Shift Z', run: a.redo }] : []),
        { title: 'Configurations: derive, copy, rename, turn', run: a.configure },
      ]
    : [];
  return [
    ...edits,
    { title: 'Lens set: in, out, order, names', key: 'l', run: a.lensSet },
    { title: 'History: who did what, and the way back', key: 'y', run: a.history },
    { title: 'Mounting points: used, free, covered', key: 'm', run: a.budget },
    { title: 'Balance with each lens', key: 'b', run: a.balance },
    { title: 'Hands, shoulder, eye: what there is to hold', key: 'h', run: a.hands },
    { title: 'Remember how it stands; how it was left', key: 'r', run: a.left },
    { title: 'What was checked, and what had nothing to look at', key: 'c', run: a.checked },
    { title: 'Measure on the drawing: distance, angle, height over the rods', key: 'd', run: a.measure },
    ...VIEWS.map((v, i) => ({ title: `Look from ${v.title}`, key: String(i + 1), run: () => a.view(v.id) })),
    { title: 'Turn the rig in space', key: '5', run: () => a.view(SPACE) },
    { title: 'Drawing nearer', key: '+', run: () => a.zoom(1.3) },
    { title: 'Drawing farther', key: '−', run: () => a.zoom(1 / 1.3) },
    { title: 'All of the drawing', key: '0', run: a.fit },
    ...(bench?.lenses ?? []).map((l) => ({ title: `Lens: ${l.title}`, run: () => a.lens(l.id) })),
  ];
}
