import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Progress } from 'antd';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { judgingQuery, keys } from '../shared/api/queries';
import { counted } from '../shared/format/units';

/** While the open jobs are judged anew by other rules or checks: how far that is, and what it turned when it is done. */
export function Judging() {
  const client = useQueryClient();
  const { data } = useQuery(judgingQuery);
  const [watched, setWatched] = useState(false);
  const left = data?.left ?? 0;
  if (left > 0 && !watched) setWatched(true);
  const over = watched && left === 0;
  useEffect(() => {
    if (over) void client.invalidateQueries({ queryKey: keys.jobs });
  }, [over, client]);
  if (!data || (left === 0 && !watched)) return null;
  return (
    <div className="anew-bar" role="status">
      {left > 0 ? (
        <>
          <Progress
            percent={data.open === 0 ? 100 : Math.round((100 * (data.open - left)) / data.open)}
            size={[120, 6]}
            showInfo={false}
            aria-label="Jobs judged anew"
          />
          <span>
            {left} of {counted(data.open, 'open job')} {left === 1 ? 'is' : 'are'} still being judged anew. Until then
            the list shows how they stood before, and nothing is signed by that.
          </span>
        </>
      ) : (
        <>
          <span>
            All open jobs are judged anew.{' '}
            {data.turned.length === 0 ? 'No verdict changed.' : 'They stand otherwise than before: '}
            {data.turned.map((j, i) => (
              <span key={j.id}>
                {i > 0 && ', '}
                <Link to={`/jobs/${j.id}/brief`}>{j.title}</Link>
              </span>
            ))}
          </span>
          <Button size="small" onClick={() => setWatched(false)}>
            Close
          </Button>
        </>
      )}
    </div>
  );
}
