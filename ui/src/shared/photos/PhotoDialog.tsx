import { Button, Input, Modal, Popconfirm, Segmented } from 'antd';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { PointerEvent } from 'react';
import { photosQuery, removePhoto, tellPhoto } from '../api/photoQueries';
import type { Photo } from '../api/photoQueries';
import { dayAndTime } from '../format/units';
import { arrow, label, placeIn } from './marks';
import type { Mark } from './marks';
import { Marked } from './Marked';

type Tool = 'look' | 'arrow' | 'label';

const TOOLS = [
  { value: 'look', label: 'look' },
  { value: 'arrow', label: 'draw an arrow' },
  { value: 'label', label: 'write on it' },
] satisfies { value: Tool; label: string }[];

interface Props {
  photo: Photo;
  mayMark: boolean;
  onClose: () => void;
}

/** A photo at its size, what is told of it, and what it is pointed at with. */
export function PhotoDialog({ photo, mayMark, onClose }: Props) {
  const client = useQueryClient();
  const [words, setWords] = useState(photo.words);
  const [marks, setMarks] = useState<Mark[]>(photo.marks);
  const [tool, setTool] = useState<Tool>('look');
  const [from, setFrom] = useState<{ x: number; y: number }>();
  const [going, setGoing] = useState<Mark>();
  const changed = words !== photo.words || JSON.stringify(marks) !== JSON.stringify(photo.marks);
  const anew = () => client.invalidateQueries({ queryKey: photosQuery(photo.job).queryKey });
  const save = useMutation({
    mutationFn: () => tellPhoto(photo.job, photo.id, { words, marks, version: photo.version }),
    onSuccess: (all) => {
      client.setQueryData(photosQuery(photo.job).queryKey, all);
      onClose();
    },
    onError: anew,
  });
  const remove = useMutation({
    mutationFn: () => removePhoto(photo.job, photo.id),
    onSuccess: async () => {
      await anew();
      onClose();
    },
  });
  const at = (e: PointerEvent<SVGSVGElement>) => placeIn(e.currentTarget.getBoundingClientRect(), e.clientX, e.clientY);
  const down = (e: PointerEvent<SVGSVGElement>) => {
    if (tool === 'label') setMarks([...marks, label(at(e), 'here')]);
    if (tool !== 'arrow') return;
    e.currentTarget.setPointerCapture(e.pointerId);
    setFrom(at(e));
  };
  const move = (e: PointerEvent<SVGSVGElement>) => from && setGoing(arrow(from, at(e)));
  const up = () => {
    if (going) setMarks([...marks, going]);
    setFrom(undefined);
    setGoing(undefined);
  };
  const problem = save.error ?? remove.error;
  return (
    <Modal
      open
      title={photo.words || 'Photo'}
      width="min(1080px, 96vw)"
      style={{ top: 16 }}
      onCancel={onClose}
      footer={
        mayMark && (
          <>
            <Popconfirm title="The photo is gone for good." okText="Remove" onConfirm={() => remove.mutate()}>
              <Button type="text">Remove the photo</Button>
            </Popconfirm>
            <Button type="primary" disabled={!changed} loading={save.isPending} onClick={() => save.mutate()}>
              Save
            </Button>
          </>
        )
      }
    >
      {mayMark && <Segmented<Tool> aria-label="Tool" options={TOOLS} value={tool} onChange={setTool} />}
      <Marked
        photo={photo}
        marks={going ? [...marks, going] : marks}
        {...(mayMark && tool !== 'look' ? { onDown: down, onMove: move, onUp: up } : {})}
      />
      <p className="soft">
        {photo.by}, {dayAndTime(photo.at)}
      </p>
      {problem && (
        <p className="error" role="alert">
          {problem.message}
        </p>
      )}
      {mayMark && (
        <div className="photo-words">
          <Input
            aria-label="What is to be seen"
            placeholder="what is to be seen"
            maxLength={300}
            value={words}
            onChange={(e) => setWords(e.target.value)}
          />
          {marks.map((m, i) => (
            <MarkLine
              key={i}
              mark={m}
              number={i + 1}
              onChange={(next) => setMarks(marks.map((x, n) => (n === i ? next : x)))}
              onDrop={() => setMarks(marks.filter((_, n) => n !== i))}
            />
          ))}
        </div>
      )}
    </Modal>
  );
}

interface LineProps {
  mark: Mark;
  number: number;
  onChange: (mark: Mark) => void;
  onDrop: () => void;
}

function MarkLine({ mark, number, onChange, onDrop }: LineProps) {
  return (
    <span className="mark-line">
      <span className="soft">{mark.kind === 'ARROW' ? 'arrow' : 'words'}</span>
      <Input
        size="small"
        aria-label={`Words of mark ${number}`}
        placeholder={mark.kind === 'ARROW' ? 'words beside it, if there are any' : 'words'}
        maxLength={80}
        value={mark.words}
        onChange={(e) => onChange({ ...mark, words: e.target.value })}
      />
      <Button size="small" type="text" aria-label={`Take mark ${number} away`} onClick={onDrop}>
        take away
      </Button>
    </span>
  );
}
