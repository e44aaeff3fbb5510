import { useQuery } from '@tanstack/react-query';
import { compareQuery } from '../../shared/api/queries';
import type { Spot } from '../../shared/api/queries';
import { ComparisonView } from '../../shared/job/ComparisonView';
import { Waiting } from '../../shared/kit/Waiting';

/** Two configurations of a body beside each other. */
export function SideBySide({ spot, other }: { spot: Spot; other: string }) {
  const query = useQuery(compareQuery(spot, other));
  if (query.isPending) return <Waiting />;
  if (query.isError) return <p className="error">{query.error.message}</p>;
  return <ComparisonView of={query.data} />;
}
