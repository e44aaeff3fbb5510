import './bench.css';
import './dialogs.css';
import './print.css';
import { useSearchParams, useParams } from 'react-router';
import { useQuery } from '@tanstack/react-query';
import type { Schemas } from '../../shared/api/client';
import { jobQuery } from '../../shared/api/queries';
import { Waiting } from '../../shared/kit/Waiting';
import { Bench } from './Bench';

/** Reads where to stand from the address, so that every view has a link; fills in the first of each. */
export function BenchScreen({ session }: { session: Schemas['Session'] }) {
  const { job = '' } = useParams();
  const [search] = useSearchParams();
  const query = useQuery(jobQuery(job));
  if (!query.data) return <Waiting />;
  const build = query.data.builds.find((b) => b.id === search.get('build')) ?? query.data.builds[0];
  if (!build) return <p className="page">This job has no build yet.</p>;
  const configuration = build.configurations.find((c) => c.id === search.get('config')) ?? build.configurations[0];
  const lens = build.lenses.find((l) => l.id === search.get('lens')) ?? build.lenses[0];
  const spot = { job, build: build.id, configuration: configuration?.id ?? '', lens: lens?.id ?? '' };
  return (
    <Bench
      key={`${job}/${build.id}`}
      spot={spot}
      canEdit={session.editsBuilds && query.data.stage !== 'DISPATCHED'}
      session={session}
    />
  );
}
