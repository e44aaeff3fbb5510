import type { ReactNode } from 'react';
import { useQuery } from '@tanstack/react-query';
import { wornQuery } from '../../shared/api/houseQueries';
import type { Schemas } from '../../shared/api/client';
import { degreesCelsius, fixed, hours } from '../../shared/format/units';

function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="brief-section">
      <h3>{title}</h3>
      <dl>{children}</dl>
    </section>
  );
}

function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </div>
  );
}

const UNSAID = <span className="soft">not said yet</span>;

const GRIPS = { ANY: '', BOTH: 'on both sides', LEFT: 'on the left', RIGHT: 'on the right' };
const FOCUS = {
  AT_LENS: 'pulled by an assistant at the lens',
  REMOTE: 'pulled by an assistant, by a drive',
  OPERATOR: 'pulled by the operator alone',
  CAMERA: 'held by the camera',
} as const;

const SOUNDS = { NONE: 'none', CAMERA: 'in the camera', SEPARATE: 'kept apart' };

export function massWindow(floor: number, ceiling: number): string {
  if (floor > 0 && ceiling > 0) return `${fixed(floor, 1)} to ${fixed(ceiling, 1)} kg`;
  if (ceiling > 0) return `at most ${fixed(ceiling, 1)} kg`;
  return floor > 0 ? `at least ${fixed(floor, 1)} kg` : 'no window';
}

export function BriefSheet({ job }: { job: Schemas['JobView'] }) {
  const b = job.brief;
  const builds = job.builds;
  const ways = useQuery(wornQuery);
  const title = (id: string, kind: 'configurations' | 'lenses') =>
    builds.flatMap((x) => x[kind]).find((x) => x.id === id)?.title ??
    ways.data?.find((w) => kind === 'configurations' && w.configuration === id)?.title ??
    id;
  return (
    <div className="brief-sheet">
      <Section title="Place">
        <Fact name="Place">{b.place || UNSAID}</Fact>
      </Section>
      <Section title="Day and climate">
        <Fact name="Temperature">{degreesCelsius(b.temperatureC)}</Fact>
        <Fact name="Camera on">{hours(b.hoursOn)} a day</Fact>
        <Fact name="Carried mass">{massWindow(b.massFloorKg, b.massCeilingKg)}</Fact>
      </Section>
      <Section title="Configurations and lenses">
        <Fact name="Worn as">{b.configurations.map((c) => title(c, 'configurations')).join(', ') || UNSAID}</Fact>
        <Fact name="Lens set">{b.lenses.map((l) => title(l, 'lenses')).join(', ') || 'none asked for'}</Fact>
      </Section>
      {(b.asks.changes.length > 0 ||
        b.asks.tapes.length > 0 ||
        b.asks.spares.length > 0 ||
        b.asks.room.depthMm + b.asks.room.heightMm > 0) && (
        <Section title="Changes, room, spares, distances">
          {b.asks.changes.map((c) => (
            <Fact key={`${c.from}-${c.to}`} name="Change">
              {title(c.from, 'configurations')} to {title(c.to, 'configurations')} in {fixed(c.minutes, 0)} min
              {c.toolFree && ', no tools'}
            </Fact>
          ))}
          {b.asks.room.depthMm > 0 && <Fact name="Room">{fixed(b.asks.room.depthMm, 0)} mm deep</Fact>}
          {b.asks.room.heightMm > 0 && <Fact name="Room">{fixed(b.asks.room.heightMm, 0)} mm high</Fact>}
          {b.asks.spares.map((s) => (
            <Fact key={s.category} name="To spare">
              {s.pieces} of each {s.category.toLowerCase().replaceAll('_', ' ')}
            </Fact>
          ))}
          {b.asks.tapes.map((t) => (
            <Fact key={t.what} name="Taped">
              {t.what}: <span className="num">{fixed(t.distanceMm, 0)} mm</span>
              {t.lens && `, with ${title(t.lens, 'lenses')}`}
            </Fact>
          ))}
        </Section>
      )}
      {b.asks.own.length > 0 && (
        <Section title="In words">
          {b.asks.own.map((words) => (
            <Fact key={words} name="Wanted">
              {words}
            </Fact>
          ))}
        </Section>
      )}
      {(b.asks.shoot.viewers.length > 0 ||
        b.asks.shoot.recordings.length > 0 ||
        b.asks.shoot.orientation !== 'ANY' ||
        b.asks.shoot.focus !== 'UNSAID' ||
        b.asks.shoot.longestStretchHours > 0) && (
        <Section title="Picture, power, sound">
          {b.asks.shoot.orientation !== 'ANY' && (
            <Fact name="Picture">
              {b.asks.shoot.orientation === 'BOTH' ? 'landscape and portrait' : b.asks.shoot.orientation.toLowerCase()}
            </Fact>
          )}
          {b.asks.shoot.longestStretchHours > 0 && (
            <Fact name="Power">{hours(b.asks.shoot.longestStretchHours)} without power-down</Fact>
          )}
          {(b.asks.shoot.sound !== 'NONE' || b.asks.shoot.timecode) && (
            <Fact name="Sound">
              {SOUNDS[b.asks.shoot.sound]}
              {b.asks.shoot.timecode && ', one time for all'}
            </Fact>
          )}
          {b.asks.shoot.focus !== 'UNSAID' && <Fact name="Focus">{FOCUS[b.asks.shoot.focus]}</Fact>}
          {b.asks.shoot.flyers > 0 && (
            <Fact name="Flies">
              {b.asks.shoot.flyers === 1 ? 'one person' : `${b.asks.shoot.flyers} people`} with the batteries
            </Fact>
          )}
          {b.asks.shoot.claimedHours !== null && (
            <Fact name="Said">one battery lasts {hours(b.asks.shoot.claimedHours)}</Fact>
          )}
          {b.asks.shoot.viewers.map((v) => (
            <Fact key={v.who} name="Looks">
              {v.who}, for {v.trust.toLowerCase()}
              {v.byRadio && ', by radio'}
              {v.build && job.builds.length > 1 && `, at ${job.builds.find((x) => x.id === v.build)?.title ?? v.build}`}
            </Fact>
          ))}
          {b.asks.shoot.recordings.map((r) => (
            <Fact key={r.mode} name="Records">
              {r.mode}
              {r.fps !== null && `, ${fixed(r.fps, Number.isInteger(r.fps) ? 0 : 3)} frames`}
              {r.build &&
                job.builds.length > 1 &&
                `, ${job.builds.find((x) => x.id === r.build)?.title ?? r.build}`} at{' '}
              <span className="num">{fixed(r.megabits, 0)} Mbit/s</span>
            </Fact>
          ))}
          {b.asks.shoot.insuredValue !== null && (
            <Fact name="Insured for">
              <span className="num">{fixed(b.asks.shoot.insuredValue, 0)}</span>
            </Fact>
          )}
        </Section>
      )}
      <Section title="Crew">
        <Fact name="Operator">
          {b.operator || UNSAID}, {b.profile.heightMm !== null && `${fixed(b.profile.heightMm / 10, 0)} cm, `}
          {b.shoulder.toLowerCase()} shoulder, {b.eye.toLowerCase()} eye
          {b.profile.grips !== 'ANY' && `, grips ${GRIPS[b.profile.grips]}`}
          {b.profile.screen !== 'ANY' && `, screen on the ${b.profile.screen.toLowerCase()}`}
          {b.profile.reason && <span className="soft"> {b.profile.reason}</span>}
        </Fact>
        <Fact name="Focus">{b.focusPuller || UNSAID}</Fact>
        <Fact name="Lead">{b.lead || UNSAID}</Fact>
      </Section>
      {b.notes && (
        <Section title="Notes">
          <Fact name="">{b.notes}</Fact>
        </Section>
      )}
    </div>
  );
}
