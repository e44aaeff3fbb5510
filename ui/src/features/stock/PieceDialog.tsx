import { App, Button, Input, Modal } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { piecePhotosQuery } from '../../shared/api/photoQueries';
import { changePiece, pieceQuery } from '../../shared/api/wayQueries';
import { dayAndTime, fixed } from '../../shared/format/units';
import { Field, Refused } from '../../shared/kit/Field';
import { NumberField } from '../../shared/kit/NumberField';
import { Pick } from '../../shared/kit/Pick';
import { Waiting } from '../../shared/kit/Waiting';
import { PhotoStrip } from '../../shared/photos/Photos';
import { TypePick } from './TypePick';
import { conditionOptions, editOf, FRESH, ownerOptions } from './stock';

interface Props {
  /** Empty for a piece that is new. */
  code: string;
  mayChange: boolean;
  onClose: () => void;
}

/** One piece: what is on file of it, and where it has been. */
export function PieceDialog({ code, mayChange, onClose }: Props) {
  const query = useQuery({ ...pieceQuery(code), enabled: code !== '' });
  const photos = useQuery({ ...piecePhotosQuery(code), enabled: code !== '' });
  const piece = query.data?.piece;
  return (
    <Modal
      open
      title={code === '' ? 'A new piece' : `${code} ${piece?.name ?? ''}`}
      footer={null}
      onCancel={onClose}
      width={680}
    >
      {query.isError && <p className="error">{query.error.message}</p>}
      {code !== '' && query.isPending && <Waiting />}
      {(code === '' || piece) && (
        <PieceForm
          key={piece?.version ?? -1}
          code={code}
          before={piece ? editOf(piece) : FRESH}
          mayChange={mayChange}
          onDone={onClose}
        />
      )}
      {photos.data && photos.data.length > 0 && (
        <div className="photos">
          <PhotoStrip photos={photos.data} mayMark={false} />
        </div>
      )}
      {query.data && query.data.been.length > 0 && (
        <>
          <h3>Where it has been</h3>
          <ol className="been">
            {query.data.been.map((e) => (
              <li key={`${e.at} ${e.what}`}>
                <Link to={`/jobs/${e.job}/packing`}>{e.title}</Link>: {e.what}{' '}
                <span className="soft">
                  {e.who}, {dayAndTime(e.at)}
                </span>
                {e.remark && <span>, {e.remark}</span>}
                {e.cost !== null && <span className="num">, {fixed(e.cost, 2)}</span>}
              </li>
            ))}
          </ol>
        </>
      )}
    </Modal>
  );
}

interface FormProps {
  code: string;
  before: Schemas['PieceEdit'];
  mayChange: boolean;
  onDone: () => void;
}

function PieceForm({ code, before, mayChange, onDone }: FormProps) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const [edit, setEdit] = useState(before);
  const [fresh, setFresh] = useState(code);
  const set = (next: Partial<Schemas['PieceEdit']>) => setEdit({ ...edit, ...next });
  const save = useMutation({
    mutationFn: () => changePiece(fresh.trim(), edit),
    onSuccess: async (card) => {
      void message.success(`${card.piece.code} is on file.`);
      onDone();
      await client.invalidateQueries({ queryKey: ['stock'] });
    },
  });
  return (
    <form
      className="piece-form"
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate();
      }}
    >
      <Refused by={save.error}>
        {code === '' && (
          <Field label="Code, as on its label">
            <Input autoFocus required maxLength={40} value={fresh} onChange={(e) => setFresh(e.target.value)} />
          </Field>
        )}
        <Field label="Type" place="type">
          <TypePick value={edit.type} disabled={!mayChange} onChange={(type) => set({ type })} />
        </Field>
        <Field label="Serial" place="serial">
          <Input
            maxLength={60}
            disabled={!mayChange}
            value={edit.serial}
            onChange={(e) => set({ serial: e.target.value })}
          />
        </Field>
        <Field label="State" place="condition">
          <Pick
            label="State"
            disabled={!mayChange}
            value={edit.condition}
            options={conditionOptions}
            onChange={(condition) => set({ condition })}
          />
        </Field>
        <Field label="Lives in" place="home">
          <Input
            maxLength={60}
            disabled={!mayChange}
            value={edit.home}
            onChange={(e) => set({ home: e.target.value })}
          />
        </Field>
        <Field label="Belongs to" place="owner">
          <Pick
            label="Belongs to"
            disabled={!mayChange}
            value={edit.owner}
            options={ownerOptions}
            onChange={(owner) => set({ owner })}
          />
        </Field>
        <Field label="Name of the owner" place="from">
          <Input
            maxLength={60}
            disabled={!mayChange}
            value={edit.from}
            onChange={(e) => set({ from: e.target.value })}
          />
        </Field>
        <Field label="Weighed, g" place="grams">
          <NumberField
            min={0}
            max={500000}
            disabled={!mayChange}
            value={edit.grams || null}
            onChange={(grams) => set({ grams: grams ?? 0 })}
          />
        </Field>
        <Field label="What to know of it" place="note" wide>
          <Input
            maxLength={300}
            disabled={!mayChange}
            value={edit.note}
            onChange={(e) => set({ note: e.target.value })}
          />
        </Field>
      </Refused>
      {save.isError && (
        <p className="error" role="alert">
          {save.error.message}
        </p>
      )}
      {mayChange && (
        <p className="form-acts">
          <Button type="primary" htmlType="submit" disabled={save.isPending || edit.type === ''}>
            Save
          </Button>
          <Button onClick={onDone}>Cancel</Button>
        </p>
      )}
    </form>
  );
}
