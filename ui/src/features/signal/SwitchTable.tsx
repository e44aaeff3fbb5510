import type { Schemas } from '../../shared/api/client';

interface Props {
  switches: Schemas['SwitchRow'][];
  canEdit: boolean;
  busy: boolean;
  /** What is on its way to the server: shown as if it stood. */
  pending?: { key: string; value: number };
  onSet: (key: string, value: number) => void;
}

const TURNS = [0, 1, 2, 3];

/** Where the look is put on the picture, and where the picture is turned: once on each way is right. */
export function SwitchTable({ switches, canEdit, busy, pending, onSet }: Props) {
  const shown = (key: string, value: number) => (pending?.key === key ? pending.value : value);
  return (
    <section aria-labelledby="switches-title">
      <h2 id="switches-title">Look and turn</h2>
      {switches.length === 0 ? (
        <p className="soft">No picture cable is plugged here.</p>
      ) : (
        <table className="sheet">
          <thead>
            <tr>
              <th>At</th>
              <th>Look</th>
              <th>Picture</th>
            </tr>
          </thead>
          <tbody>
            {switches.map((s) => {
              const at = `${s.box}, ${s.socket}`;
              const look = s.lookKey[0];
              return (
                <tr key={s.turnKey}>
                  <td>{at}</td>
                  <td>
                    {look === undefined ? (
                      <span className="soft">not here</span>
                    ) : (
                      <label>
                        <input
                          type="checkbox"
                          aria-label={`Look on at ${at}`}
                          checked={shown(look, s.look ? 1 : 0) === 1}
                          disabled={!canEdit || busy}
                          onChange={(e) => onSet(look, e.target.checked ? 1 : 0)}
                        />{' '}
                        on
                      </label>
                    )}
                  </td>
                  <td>
                    <select
                      className="input"
                      aria-label={`Picture turned at ${at}`}
                      value={shown(s.turnKey, s.quarterTurns)}
                      disabled={!canEdit || busy}
                      onChange={(e) => onSet(s.turnKey, Number(e.target.value))}
                    >
                      {TURNS.map((t) => (
                        <option key={t} value={t}>
                          {t === 0 ? 'as it is' : `turned by ${t * 90}°`}
                        </option>
                      ))}
                    </select>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </section>
  );
}
