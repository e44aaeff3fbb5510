import { Button, Input } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { ruleHistoryQuery } from '../../shared/api/houseQueries';
import { day, words } from '../../shared/format/units';
import { Field, Refused } from '../../shared/kit/Field';
import { NumberField } from '../../shared/kit/NumberField';
import { ForeseenList } from './ForeseenList';
import { judgedAnew } from './judged';
import { ruleFigure } from './rules';

interface Props {
  rule: Schemas['RuleLine'];
  edits: boolean;
  onDone: (words: string) => void;
}

/** Another figure for a rule: what it would change in the open jobs first, then stored with reason and source. */
export function RuleForm({ rule: r, edits, onDone }: Props) {
  const [value, setValue] = useState<number | null>(r.value);
  const [reason, setReason] = useState('');
  const [source, setSource] = useState('');
  const client = useQueryClient();
  const path = { rule: r.rule };
  const trial = useMutation({
    mutationFn: async (tried: number | null) =>
      unwrap(await api.POST('/api/house/rules/{rule}/trial', { params: { path }, body: { value: tried } })),
  });
  const save = useMutation({
    mutationFn: async (next: number | null) =>
      unwrap(
        await api.PUT('/api/house/rules/{rule}', {
          params: { path },
          body: { value: next, reason, source, seen: r.set?.number ?? 0 },
        }),
      ),
    onSuccess: async (done) => {
      await client.invalidateQueries();
      onDone(`${words(r.rule)} is ${ruleFigure(done.rule.value, r.unit)}. ${judgedAnew(done)}`);
    },
  });
  const wrong = trial.error ?? save.error;
  const said = reason.trim() !== '' && source.trim() !== '';
  return (
    <div className="rule-form">
      {edits && (
        <form
          className="filters"
          onSubmit={(e) => {
            e.preventDefault();
            save.mutate(value);
          }}
        >
          <Refused by={save.error}>
            <Field label={`From ${ruleFigure(r.least, r.unit)} to ${ruleFigure(r.most, r.unit)}`} place="value">
              <NumberField
                autoFocus
                aria-label={`Figure of ${words(r.rule)}`}
                value={value}
                suffix={r.unit || undefined}
                onChange={(v) => {
                  setValue(v);
                  trial.reset();
                }}
              />
            </Field>
            <Field wide label="Why" place="reason">
              <Input maxLength={200} value={reason} onChange={(e) => setReason(e.target.value)} />
            </Field>
            <Field wide label="Where it comes from" place="source">
              <Input
                maxLength={200}
                value={source}
                placeholder="measured on the bench, a standard, a carrier’s page of that day"
                onChange={(e) => setSource(e.target.value)}
              />
            </Field>
          </Refused>
          <Button
            disabled={value === null || trial.isPending}
            loading={trial.isPending}
            onClick={() => trial.mutate(value)}
          >
            See what it changes
          </Button>
          <Button type="primary" htmlType="submit" disabled={value === null || !said || save.isPending}>
            Set it
          </Button>
          {r.set && r.set.value !== null && (
            <Button type="text" disabled={!said || save.isPending} onClick={() => save.mutate(null)}>
              Back to the standard {ruleFigure(r.standard, r.unit)}
            </Button>
          )}
        </form>
      )}
      {wrong && (
        <p className="error" role="alert">
          {wrong.message}
        </p>
      )}
      {trial.data && <ForeseenList foreseen={trial.data} />}
      <History rule={r} />
    </div>
  );
}

function History({ rule: r }: { rule: Schemas['RuleLine'] }) {
  const history = useQuery(ruleHistoryQuery(r.rule));
  if (!history.data) return null;
  if (history.data.length === 0) {
    return (
      <p className="soft">
        Never set here; the standard {ruleFigure(r.standard, r.unit)} stands. {r.reason}
      </p>
    );
  }
  return (
    <ol className="rule-history" aria-label="How it was set">
      {history.data.map((h) => (
        <li key={h.number}>
          <b className="num">{h.value === null ? 'the standard again' : ruleFigure(h.value, r.unit)}</b> {h.reason}{' '}
          <span className="soft">
            {h.source}; {h.by}, {day(h.when.slice(0, 10))}
          </span>
        </li>
      ))}
    </ol>
  );
}
