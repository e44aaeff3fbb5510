import type { Schemas } from '../api/client';

interface Props {
  builds: Schemas['JobView']['builds'];
  build: string;
  configuration: string;
  onGo: (to: { build: string; config: string }) => void;
}

/** Which body of the job is looked at, when there are several, and how it is worn. */
export function WornAs({ builds, build, configuration, onGo }: Props) {
  const here = builds.find((b) => b.id === build);
  return (
    <>
      {builds.length > 1 && (
        <label>
          of{' '}
          <select
            className="input"
            aria-label="Build"
            value={build}
            onChange={(e) => onGo({ build: e.target.value, config: '' })}
          >
            {builds.map((b) => (
              <option key={b.id} value={b.id}>
                {b.title}
              </option>
            ))}
          </select>
        </label>
      )}
      <label>
        worn as{' '}
        <select
          className="input"
          aria-label="Configuration"
          value={configuration}
          onChange={(e) => onGo({ build, config: e.target.value })}
        >
          {here?.configurations.map((c) => (
            <option key={c.id} value={c.id}>
              {c.title}
            </option>
          ))}
        </select>
      </label>
    </>
  );
}
