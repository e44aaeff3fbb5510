import { Button } from 'antd';
import { lazy, Suspense, useState } from 'react';
import type { Schemas } from '../../shared/api/client';

// The list of jobs waits for no calendar.
const NewJobDialog = lazy(async () => ({ default: (await import('./NewJobDialog')).NewJobDialog }));

export interface NewJobProps {
  today: string;
  /** Jobs that it may be made after. */
  earlier: readonly Schemas['JobLine'][];
}

/** A job from a title and a day; all else may be said later, and the brief lists what is open. */
export function NewJob({ today, earlier }: NewJobProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button type="primary" onClick={() => setOpen(true)}>
        New job
      </Button>
      <Suspense>{open && <NewJobDialog today={today} earlier={earlier} onClose={() => setOpen(false)} />}</Suspense>
    </>
  );
}
