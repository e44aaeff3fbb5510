import './photos.css';
import { Button, Upload } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { bringPhoto, photosQuery, pictureOf } from '../api/photoQueries';
import type { Photo } from '../api/photoQueries';
import { freshId } from '../format/ids';
import { counted } from '../format/units';
import { PhotoDialog } from './PhotoDialog';

interface Props {
  job: string;
  /** As "case:3"; every photo of the job where it is empty. */
  of: string;
  mayTake: boolean;
}

/** The photos of a thing, and a way to take one more. */
export function Photos({ job, of, mayTake }: Props) {
  const client = useQueryClient();
  const query = useQuery(photosQuery(job));
  const bring = useMutation({
    mutationFn: (file: File) => bringPhoto(job, freshId(), of, file),
    scope: { id: `photos/${job}` },
    onSuccess: (all) => client.setQueryData(photosQuery(job).queryKey, all),
  });
  const shown = (query.data ?? []).filter((p) => of === '' || p.of === of);
  if (shown.length === 0 && !mayTake) return null;
  return (
    <div className="photos">
      <PhotoStrip photos={shown} mayMark={mayTake} />
      {mayTake && (
        <Upload
          accept="image/jpeg,image/png,image/webp"
          showUploadList={false}
          multiple
          beforeUpload={(file) => {
            bring.mutate(file);
            return false;
          }}
        >
          <Button size="small" type="text" className="noprint" loading={bring.isPending}>
            {shown.length === 0 ? 'Add a photo' : 'Add another photo'}
          </Button>
        </Upload>
      )}
      {bring.isError && (
        <span className="error" role="alert">
          {bring.error.message}
        </span>
      )}
    </div>
  );
}

/** Photos in a row; one opens at its size. */
export function PhotoStrip({ photos, mayMark }: { photos: readonly Photo[]; mayMark: boolean }) {
  const [open, setOpen] = useState('');
  const chosen = photos.find((p) => p.id === open);
  return (
    <>
      {photos.map((p, i) => (
        <Button
          key={p.id}
          type="text"
          className="photo-thumb"
          aria-label={`Photo ${i + 1}: ${p.words || 'nothing is told of it'}${
            p.marks.length > 0 ? `, ${counted(p.marks.length, 'mark')}` : ''
          }`}
          onClick={() => setOpen(p.id)}
        >
          <img src={pictureOf(p, true)} alt="" loading="lazy" />
          {p.words !== '' && <span className="photo-caption">{p.words}</span>}
        </Button>
      ))}
      {chosen && (
        <PhotoDialog
          key={`${chosen.id} ${chosen.version}`}
          photo={chosen}
          mayMark={mayMark}
          onClose={() => setOpen('')}
        />
      )}
    </>
  );
}
