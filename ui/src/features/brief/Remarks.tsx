import { Button, Checkbox, Input } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import { remarksQuery } from '../../shared/api/peopleQueries';
import { dayAndTime } from '../../shared/format/units';

/** What people say about the job, the crew from outside among them, until somebody took care of it. */
export function Remarks({ job, settles, me }: { job: string; settles: boolean; me: string }) {
  const [words, setWords] = useState('');
  const [all, setAll] = useState(false);
  const client = useQueryClient();
  const query = useQuery(remarksQuery(job));
  const onSuccess = () => client.invalidateQueries({ queryKey: remarksQuery(job).queryKey });
  const say = useMutation({
    mutationFn: async () =>
      unwrap(await api.POST('/api/jobs/{job}/remarks', { params: { path: { job } }, body: { words } })),
    onSuccess: async () => {
      setWords('');
      await onSuccess();
    },
  });
  const settle = useMutation({
    mutationFn: async (id: number) =>
      unwrap(await api.POST('/api/jobs/{job}/remarks/{id}/settled', { params: { path: { job, id } } })),
    onSuccess,
  });
  const remarks = query.data ?? [];
  const settled = remarks.filter((r) => r.settledBy !== '').length;
  const wrong = say.error ?? settle.error;
  return (
    <section className="brief-section" aria-label="Remarks">
      <h3>Remarks</h3>
      <div className="remarks">
        {remarks.length === 0 && <p className="soft">None yet. What the next one should know goes here.</p>}
        <ul>
          {remarks
            .filter((r) => all || r.settledBy === '')
            .map((r) => (
              <li key={r.id}>
                <div>
                  <p className="words">{r.words}</p>
                  <span className="soft">
                    {r.who}, {dayAndTime(r.when)}
                    {r.settledBy !== '' && `; seen to by ${r.settledBy}`}
                  </span>
                </div>
                {r.settledBy === '' && (settles || r.who === me) && (
                  <Button
                    size="small"
                    className="noprint"
                    aria-label={`Seen to: ${r.words.slice(0, 60)}`}
                    disabled={settle.isPending}
                    onClick={() => settle.mutate(r.id)}
                  >
                    Seen to
                  </Button>
                )}
              </li>
            ))}
        </ul>
        {settled > 0 && (
          <Checkbox className="noprint" checked={all} onChange={(e) => setAll(e.target.checked)}>
            {settled} seen to
          </Checkbox>
        )}
        <form
          className="noprint say"
          onSubmit={(e) => {
            e.preventDefault();
            say.mutate();
          }}
        >
          <Input.TextArea
            aria-label="A remark"
            placeholder="A remark"
            autoSize={{ minRows: 1, maxRows: 6 }}
            maxLength={1000}
            value={words}
            onChange={(e) => setWords(e.target.value)}
          />
          <Button htmlType="submit" disabled={words.trim() === '' || say.isPending}>
            Say it
          </Button>
        </form>
        {wrong && (
          <p className="error" role="alert">
            {wrong.message}
          </p>
        )}
      </div>
    </section>
  );
}
