import { lazy, Suspense } from 'react';
import type { ComponentProps } from 'react';
import { Waiting } from '../../kit/Waiting';

const Picture = lazy(() => import('./SpacePicture'));

/** The rig in space, loaded when it is first looked at. */
export const InSpace = (props: ComponentProps<typeof Picture>) => (
  <Suspense fallback={<Waiting />}>
    <Picture {...props} />
  </Suspense>
);
