import type { Schemas } from '../../shared/api/client';
import { fixed } from '../../shared/format/units';
import { Pick } from '../../shared/kit/Pick';

interface Props {
  sound: Schemas['SoundRow'][];
  time: Schemas['TimeRow'][];
  canEdit: boolean;
  onSet: (key: string, value: number) => void;
}

const SAFETY = [0, 6, 10, 12, 15, 20];

const safeties = (now: number) =>
  [...new Set([...SAFETY, now])]
    .sort((a, b) => a - b)
    .map((db) => ({ value: db, label: db === 0 ? 'kept once' : `and a safety track, ${db} dB lower` }));

/** Which microphone goes where, with channels, power on the line and a safety track; and who gives the time. */
export function SoundAndTime({ sound, time, canEdit, onSet }: Props) {
  return (
    <section aria-labelledby="sound-title">
      <h2 id="sound-title">Sound and time</h2>
      <table className="sheet">
        <thead>
          <tr>
            <th>From</th>
            <th>Into</th>
            <th>How it stands</th>
          </tr>
        </thead>
        <tbody>
          {sound.map((s) => (
            <tr key={s.source}>
              <td>
                {s.source}
                <div className="soft">
                  {s.channels} {s.channels === 1 ? 'channel' : 'channels'}
                  {s.phantom ? ', wants power on the line' : ''}
                </div>
              </td>
              <td>{s.into || <span className="mark stop">nowhere</span>}</td>
              <td>
                {s.full && (
                  <span className="mark stop">
                    {s.takes} of {s.channels} channels kept
                  </span>
                )}
                {s.into && !s.powered && <span className="mark stop">no power on the line</span>}
                {s.into && s.powered && !s.full && <span className="mark met">arrives</span>}
                {s.safetyKey[0] !== undefined && (
                  <div>
                    <Pick
                      label={`Safety track of ${s.source}`}
                      value={s.safetyDb}
                      disabled={!canEdit}
                      onChange={(db) => onSet(s.safetyKey[0] ?? '', db)}
                      options={safeties(s.safetyDb)}
                    />
                  </div>
                )}
              </td>
            </tr>
          ))}
          {time.map((t) => (
            <tr key={t.into}>
              <td>
                {t.from || <span className="soft">no timecode box plugged</span>}
                {t.ownCellHours > 0 && (
                  <div className="soft">
                    on its own cells for {fixed(t.ownCellHours, 0)} h; change them with the day’s first battery
                  </div>
                )}
              </td>
              <td>{t.into}, time</td>
              <td>
                {t.from ? (
                  <span className="mark met">in step</span>
                ) : (
                  <span className="soft">runs on its own clock</span>
                )}
              </td>
            </tr>
          ))}
          {sound.length + time.length === 0 && (
            <tr>
              <td colSpan={3} className="soft">
                Neither a microphone nor a time input is on this rig.
              </td>
            </tr>
          )}
        </tbody>
      </table>
    </section>
  );
}
