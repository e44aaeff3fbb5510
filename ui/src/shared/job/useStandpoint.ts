import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { jobQuery } from '../api/queries';
import { useAddress } from '../kit/useAddress';
import { addressOf, spotIn } from './standpoint';
import type { Place } from './standpoint';

/** Where someone stands in a job, by the address: which body, worn how, with which lens, which part; and how to move. */
export function useStandpoint() {
  const { job = '' } = useParams();
  const [asked, change] = useAddress();
  const query = useQuery(jobQuery(job));
  const builds = query.data?.builds ?? [];
  return {
    job,
    data: query.data,
    builds,
    ...spotIn(job, builds, asked),
    part: asked.get('part') ?? '',
    asked,
    /** Stands elsewhere, on the same screen; another body has other configurations and parts. */
    go: (to: Place & Record<string, string>) => change(to.build === undefined ? to : { config: '', part: '', ...to }),
    /** The address of a screen of this job, from where one stands. */
    at: (screen: string, changed?: Place) => addressOf(job, screen, asked, changed),
  };
}

export type Standpoint = ReturnType<typeof useStandpoint>;
