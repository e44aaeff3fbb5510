import { Checkbox } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { Pick } from '../../shared/kit/Pick';

interface Props {
  switches: Schemas['SwitchRow'][];
  canEdit: boolean;
  onSet: (key: string, value: number) => void;
}

const TURNS = [0, 1, 2, 3].map((t) => ({ value: t, label: t === 0 ? 'as it is' : `turned by ${t * 90}°` }));

/** Where the look is put on the picture, and where the picture is turned: once on each way is right. */
export function SwitchTable({ switches, canEdit, onSet }: Props) {
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
                      <Checkbox
                        aria-label={`Look on at ${at}`}
                        checked={s.look}
                        disabled={!canEdit}
                        onChange={(e) => onSet(look, e.target.checked ? 1 : 0)}
                      >
                        on
                      </Checkbox>
                    )}
                  </td>
                  <td>
                    <Pick
                      label={`Picture turned at ${at}`}
                      value={s.quarterTurns}
                      disabled={!canEdit}
                      onChange={(turns) => onSet(s.turnKey, turns)}
                      options={TURNS}
                    />
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
