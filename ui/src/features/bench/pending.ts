import type { Schemas } from '../../shared/api/client';
import type { Act } from '../../shared/job/acts';

type Bench = Schemas['Bench'];
type Finding = Schemas['FindingView'];

function ofFinding(bench: Bench, key: string, change: (f: Finding) => Finding): Bench {
  return { ...bench, findings: bench.findings.map((f) => (f.key === key ? change(f) : f)) };
}

function withSet(bench: Bench, key: string, value: number): Bench {
  const set = (row: Schemas['Row']) =>
    row.settings.some((s) => s.key === key)
      ? { ...row, settings: row.settings.map((s) => (s.key === key ? { ...s, value } : s)) }
      : row;
  return { ...bench, stack: bench.stack.map(set) };
}

/** The Bench as far as what is on its way can be shown in advance; judgements are the server's and follow. */
export function withPending(bench: Bench, acts: readonly Act[], me: string): Bench {
  return acts.reduce((b, act) => {
    switch (act.kind) {
      case 'read':
        return ofFinding(b, act.finding, (f) => ({ ...f, read: true, readBy: me }));
      case 'waive':
        return ofFinding(b, act.finding, (f) => ({ ...f, waived: true, waiver: act.reason }));
      case 'withdraw':
        return ofFinding(b, act.finding, (f) => ({ ...f, waived: false, waiver: '' }));
      case 'edit':
        return act.request.kind === 'SET' ? withSet(b, act.request.key, act.request.value) : b;
      default:
        return b;
    }
  }, bench);
}
