import type { Schemas } from '../../shared/api/client';
import { words } from '../../shared/format/units';
import { hasWords } from '../../shared/format/search';
import { forLens } from './logic';
import type { Finding } from './logic';

/** What of the findings somebody wants to see, and in which order. */
export interface Asked {
  search: string;
  kind: 'ALL' | 'STOP' | 'CAUTION' | 'NOTE' | 'OPEN' | 'UNREAD';
  by: 'LENS' | 'PART' | 'MATTER';
}

export const KINDS: { value: Asked['kind']; label: string }[] = [
  { value: 'ALL', label: 'all' },
  { value: 'STOP', label: 'stops' },
  { value: 'CAUTION', label: 'cautions' },
  { value: 'NOTE', label: 'notes' },
  { value: 'OPEN', label: 'not decided' },
  { value: 'UNREAD', label: 'to do' },
];

export const GROUPINGS: { value: Asked['by']; label: string }[] = [
  { value: 'LENS', label: 'by lens' },
  { value: 'PART', label: 'by part' },
  { value: 'MATTER', label: 'by matter' },
];

function isOf(kind: Asked['kind'], f: Finding): boolean {
  switch (kind) {
    case 'ALL':
      return true;
    case 'OPEN':
      return f.state === 'UNDECIDED' || f.state === 'NOT_CHECKED';
    case 'UNREAD':
      return (f.severity === 'STOP' && !f.waived) || (f.severity === 'CAUTION' && !f.read);
    default:
      return f.severity === kind;
  }
}

/** Those of the kind that have all the words, in their order. */
export function matching(findings: readonly Finding[], asked: Asked): Finding[] {
  return findings.filter(
    (f) => isOf(asked.kind, f) && hasWords(`${f.title} ${f.why} ${f.check} ${f.expectation}`, asked.search),
  );
}

export interface Group {
  title: string;
  findings: Finding[];
}

type Shown = Pick<Schemas['Bench'], 'lens' | 'stack'>;

/** What a check is about, by the family its name begins with: "rods.axis-height" is about rods. */
const matterOf = (f: Finding) => words(f.check.split('.')[0] ?? '').replaceAll('-', ' ');

function partOf(f: Finding, stack: Shown['stack']): string {
  return stack.find((r) => f.placements.includes(r.placement))?.title ?? 'the whole rig';
}

function byTitle(findings: readonly Finding[], title: (f: Finding) => string): Group[] {
  const groups = new Map<string, Finding[]>();
  for (const f of findings) groups.set(title(f), [...(groups.get(title(f)) ?? []), f]);
  return [...groups].map(([name, all]) => ({ title: name, findings: all }));
}

/** Findings in groups, the first `most` of them; the worst group comes first since the findings come so. */
export function grouped(findings: readonly Finding[], by: Asked['by'], shown: Shown, most: number): Group[] {
  if (by === 'LENS') {
    const { here, others } = forLens(findings, shown.lens);
    const first = here.slice(0, most);
    const groups = [
      { title: '', findings: first },
      { title: 'with other lenses', findings: others.slice(0, Math.max(0, most - first.length)) },
    ];
    return groups.filter((g) => g.findings.length > 0);
  }
  return byTitle(findings.slice(0, most), by === 'PART' ? (f) => partOf(f, shown.stack) : matterOf);
}
