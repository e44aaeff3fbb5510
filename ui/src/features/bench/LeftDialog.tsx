import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input, Modal } from 'antd';
import { useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import { leftDrawingQuery, leftQuery } from '../../shared/api/queries';
import type { Spot } from '../../shared/api/queries';
import type { Schemas } from '../../shared/api/client';
import { Waiting } from '../../shared/kit/Waiting';
import { Still } from '../../shared/drawing/Still';
import { dayAndTime, fixed } from '../../shared/format/units';
import { Pick } from '../../shared/kit/Pick';

interface Props {
  spot: Spot;
  revision: number;
  canEdit: boolean;
  onClose: () => void;
  onComeBack: (id: number) => void;
}

/** The drawing beside the numbers, pixels. */
const SHEET = { width: 440, height: 326 };

/** How this configuration was left: numbers and drawing, what has strayed since, and the way back. */
export function LeftDialog({ spot, revision, canEdit, onClose, onComeBack }: Props) {
  const client = useQueryClient();
  const options = leftQuery(spot, revision);
  const query = useQuery(options);
  const [note, setNote] = useState('');
  const [chosen, setChosen] = useState(0);
  const remember = useMutation({
    mutationFn: async () =>
      unwrap(
        await api.POST('/api/jobs/{job}/builds/{build}/left', {
          params: { path: { job: spot.job, build: spot.build } },
          body: { configuration: spot.configuration, lens: spot.lens, note },
        }),
      ),
    onSuccess: (all) => {
      client.setQueryData(options.queryKey, all);
      setNote('');
      setChosen(all[0]?.id ?? 0);
    },
  });
  const all = query.data ?? [];
  const shown = all.find((l) => l.id === chosen) ?? all[0];
  return (
    <Modal open title="As it was left" footer={null} onCancel={onClose} width={820}>
      {canEdit && (
        <form
          className="left-form"
          onSubmit={(e) => {
            e.preventDefault();
            remember.mutate();
          }}
        >
          <Input
            value={note}
            maxLength={200}
            placeholder="Note, such as: wrap of day one, tape on the slide"
            aria-label="Note"
            onChange={(e) => setNote(e.target.value)}
          />
          <Button type={shown?.strayed.length ? 'default' : 'primary'} htmlType="submit" disabled={remember.isPending}>
            Remember it as it stands
          </Button>
        </form>
      )}
      {remember.isError && <p className="error">{remember.error.message}</p>}
      {query.isPending && <Waiting />}
      {query.isError && <p className="error">{query.error.message}</p>}
      {query.data && all.length === 0 && (
        <p className="soft">
          Nothing is remembered of this configuration yet. Remember it before it is taken apart: slides, angles and
          heights come back to the mark.
        </p>
      )}
      {all.length > 1 && (
        <label className="field">
          <span>Left</span>
          <Pick
            label="Left"
            value={shown?.id ?? 0}
            onChange={setChosen}
            options={all.map((l) => ({
              value: l.id,
              label: `${dayAndTime(l.when)}, ${l.who}${l.note && `: ${l.note}`}`,
            }))}
          />
        </label>
      )}
      {shown && <LeftState spot={spot} left={shown} canEdit={canEdit} onComeBack={() => onComeBack(shown.id)} />}
    </Modal>
  );
}

function LeftState({
  spot,
  left,
  canEdit,
  onComeBack,
}: {
  spot: Spot;
  left: Schemas['Left'];
  canEdit: boolean;
  onComeBack: () => void;
}) {
  const drawing = useQuery(leftDrawingQuery(spot, left.id));
  const strayed = (key: Schemas['MarkView']) => left.strayed.find((s) => s.part === key.part && s.what === key.what);
  const figure = (value: number, unit: string) => `${fixed(value, 1)}${unit === '°' ? '°' : ` ${unit}`}`;
  const back = left.strayed.filter((s) => s.now !== null).length;
  return (
    <div className="left-state">
      <Still drawing={drawing.data} size={SHEET} />
      <div>
        <p>
          {left.who}, {dayAndTime(left.when)}, revision <span className="num">{left.revision}</span>
          {left.note && <>: {left.note}</>}
        </p>
        <table className="sheet">
          <thead>
            <tr>
              <th>Part</th>
              <th className="right">Left at</th>
              <th className="right">Now</th>
            </tr>
          </thead>
          <tbody>
            {left.marks.map((m) => {
              const s = strayed(m);
              return (
                <tr key={m.key}>
                  <td>
                    {m.part} <span className="soft">{m.what}</span>
                  </td>
                  <td className="num right">{figure(m.value, m.unit)}</td>
                  <td className="num right">
                    {s ? (
                      <span className="mark caution">{s.now === null ? 'off the rig' : figure(s.now, m.unit)}</span>
                    ) : (
                      'same'
                    )}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
        {canEdit && (
          <Button type="primary" disabled={back === 0} onClick={onComeBack}>
            {back === 0 ? 'Every number is as it was left' : `Set ${back} ${back === 1 ? 'number' : 'numbers'} back`}
          </Button>
        )}
      </div>
    </div>
  );
}
