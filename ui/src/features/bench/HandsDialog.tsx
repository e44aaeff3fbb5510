import { useQuery } from '@tanstack/react-query';
import { Modal } from 'antd';
import type { ReactNode } from 'react';
import { handsQuery } from '../../shared/api/queries';
import type { Spot } from '../../shared/api/queries';
import type { Schemas } from '../../shared/api/client';
import { Waiting } from '../../shared/kit/Waiting';
import { fixed, words } from '../../shared/format/units';

const FROM = { LEFT: 'from the left', RIGHT: 'from the right', ABOVE: 'from above', BEHIND: 'from behind' } as const;

/** A figure with its side in words: nobody reads a sign. */
export function aside(mm: number, positive: string, negative: string): string {
  const whole = Math.round(Math.abs(mm));
  return whole === 0 ? 'in the middle' : `${whole} ${mm > 0 ? positive : negative}`;
}

/** The first three by name, the others by number. */
export function few(names: readonly string[]): string {
  const more = names.length - 3;
  return names.slice(0, 3).join(', ') + (more > 0 ? ` and ${more} more` : '');
}

/** Where hands, shoulder and eye meet the rig, and what it stands on when it is put down. */
export function HandsDialog({ spot, revision, onClose }: { spot: Spot; revision: number; onClose: () => void }) {
  const query = useQuery(handsQuery(spot, revision));
  return (
    <Modal open title="Hands, shoulder, eye" footer={null} onCancel={onClose} width={720}>
      {query.isPending && <Waiting />}
      {query.isError && <p className="error">{query.error.message}</p>}
      {query.data && <Hands hands={query.data} />}
    </Modal>
  );
}

function Hands({ hands }: { hands: Schemas['HandsView'] }) {
  return (
    <div className="hands">
      <p>
        {hands.operator || 'No operator on the brief'}
        {hands.heightMm !== null && <span className="num"> {fixed(hands.heightMm / 10, 0)} cm</span>},{' '}
        {words(hands.shoulder)} shoulder, {words(hands.eye)} eye.{' '}
        {hands.reason && <span className="soft">{hands.reason}</span>}
      </p>
      <Table title="To hold, from each side" head={['Side', 'Safe', '']}>
        {hands.sides.map((s) => (
          <tr key={s.from}>
            <th scope="row">{FROM[s.from]}</th>
            <td>
              {s.safe.length > 0 ? (
                few(s.safe)
              ) : (
                <span className="soft">met first: {s.inTheWay.join(', ') || 'nothing'}</span>
              )}
            </td>
            <td>
              <span className={`mark ${s.safe.length > 0 ? 'met' : 'caution'}`}>
                {s.safe.length > 0 ? 'safe' : 'none'}
              </span>
            </td>
          </tr>
        ))}
      </Table>
      {hands.grips.length > 0 && (
        <Table
          title="Grips, from what carries the rig"
          head={['Grip', 'Aside', 'Up or down', 'Ahead or behind', 'Reach']}
        >
          {hands.grips.map((g) => (
            <tr key={g.placement}>
              <th scope="row">{g.title}</th>
              <td className="num">{aside(g.leftMm, 'left', 'right')}</td>
              <td className="num">{aside(g.upMm, 'up', 'down')}</td>
              <td className="num">{aside(g.aheadMm, 'ahead', 'behind')}</td>
              <td className="num">{fixed(g.reachMm, 0)} mm</td>
            </tr>
          ))}
        </Table>
      )}
      {hands.finders.map((f) => (
        <p key={f.title}>
          {f.title}: <span className="num">{fixed(f.offMm, 0)} mm</span> from where the eye is; it stands{' '}
          <span className="num">
            {aside(f.leftMm, 'left', 'right')}, {aside(f.upMm, 'up', 'down')}, {aside(f.aheadMm, 'ahead', 'behind')}
          </span>{' '}
          of it. <span className="soft">Estimated from the height; try it on.</span>
        </p>
      ))}
      {hands.putDown && (
        <p>
          Put down, it touches the table with {hands.putDown.contacts.join(', ')}, leans{' '}
          <span className="num">{fixed(hands.putDown.leanDegrees, 1)}°</span> and a knock must carry it{' '}
          <span className="num">{fixed(hands.putDown.marginMm, 0)} mm</span> to tip it.
        </p>
      )}
      <p className="soft">
        Lift with straight back, over 20 kg by two; never by a cable, a screen or a cell. Local rules decide.
      </p>
    </div>
  );
}

function Table({ title, head, children }: { title: string; head: string[]; children: ReactNode }) {
  return (
    <table className="sheet">
      <caption>{title}</caption>
      <thead>
        <tr>
          {head.map((h) => (
            <th key={h}>{h}</th>
          ))}
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  );
}
