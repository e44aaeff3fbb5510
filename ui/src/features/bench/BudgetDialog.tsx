import { useQuery } from '@tanstack/react-query';
import { Button, Modal } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { budgetQuery, ownPartsQuery } from '../../shared/api/queries';
import type { Spot } from '../../shared/api/queries';
import { words } from '../../shared/format/units';
import { Waiting } from '../../shared/kit/Waiting';

interface Props {
  spot: Spot;
  revision: number;
  onClose: () => void;
  onFit: (placement: string) => void;
}

const OWN: Record<Schemas['OwnPart']['state'], [words: string, mark: string]> = {
  KEPT: ['kept as', 'met'],
  WOULD_GO_ON: ['not on; would go on', ''],
  REPLACED: ['its place is taken by', 'caution'],
  NO_PLACE: ['nothing on this rig takes it', 'caution'],
};

/** Where something can still be mounted, face by face, and which points are free but covered. */
export function BudgetDialog({ spot, revision, onClose, onFit }: Props) {
  const query = useQuery(budgetQuery(spot, revision));
  const own = useQuery(ownPartsQuery(spot, revision));
  return (
    <Modal open title="Mounting points by face" footer={null} onCancel={onClose} width={760}>
      {query.isPending && <Waiting />}
      {query.isError && <p className="error">{query.error.message}</p>}
      <div className="budget">
        {query.data?.map((f) => {
          const of = (state: string) => f.places.filter((p) => p.state === state);
          return (
            <section key={f.face}>
              <h3>
                {words(f.face)}
                <span className="num soft">
                  {of('USED').length} used, {of('FREE').length} free, {of('WASTED').length} covered
                </span>
              </h3>
              <ul>
                {[...of('FREE'), ...of('WASTED')].map((p) => (
                  <li key={p.ref}>
                    <span className={`mark ${p.state === 'FREE' ? 'met' : 'caution'}`}>
                      {p.state === 'FREE' ? 'free' : 'covered'}
                    </span>
                    <Button type="text" onClick={() => onFit(p.ref.split(':')[0] ?? '')}>
                      {p.part}: {p.title}
                    </Button>
                    <span className="soft">{p.by ? `by ${p.by}` : p.standard}</span>
                  </li>
                ))}
              </ul>
            </section>
          );
        })}
      </div>
      {own.data && own.data.length > 0 && (
        <>
          <h3>The body’s own parts</h3>
          <table className="sheet own-parts">
            <tbody>
              {own.data.map((o) => (
                <tr key={o.item}>
                  <td>{o.name}</td>
                  <td className="soft">{words(o.category)}</td>
                  <td>
                    <span className={OWN[o.state][1] ? `mark ${OWN[o.state][1]}` : ''}>{OWN[o.state][0]}</span>{' '}
                    <span className="soft">{o.by}</span>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </Modal>
  );
}
