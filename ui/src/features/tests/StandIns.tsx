import { App, Button, Modal } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { instrumentsQuery, pretend } from '../../shared/api/wayQueries';
import { NumberField } from '../../shared/kit/NumberField';
import { Pick } from '../../shared/kit/Pick';

type Fault = Schemas['Pretence']['fault'];

const FAULTS: readonly { value: Fault; label: string }[] = [
  { value: 'NONE', label: 'well' },
  { value: 'SILENCE', label: 'says nothing' },
  { value: 'GARBAGE', label: 'says nonsense' },
  { value: 'WRONG_UNIT', label: 'tells in another unit' },
  { value: 'DRIFT', label: 'drifts' },
  { value: 'MOVING', label: 'never at rest' },
];

/** What the stand-ins of a house without instruments measure, by how much they scatter, and what is wrong with them. */
export function StandIns({ onClose }: { onClose: () => void }) {
  const query = useQuery(instrumentsQuery);
  const all = (query.data ?? []).filter((i) => i.pretends !== null);
  return (
    <Modal open title="Stand-ins for instruments" footer={null} onCancel={onClose} width={760}>
      <p>
        This house has no instruments; these small servers answer as instruments do. A real one takes the place of one
        by its address, see docs/instruments.md.
      </p>
      <table className="sheet stand-ins">
        <thead>
          <tr>
            <th>Instrument</th>
            <th>Measures</th>
            <th>Scatters by</th>
            <th>Is</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {all.map((i) => (
            <StandIn key={i.id} one={i} />
          ))}
        </tbody>
      </table>
    </Modal>
  );
}

function StandIn({ one }: { one: Schemas['InstrumentLine'] }) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const before = one.pretends ?? { truth: 0, noise: 0, unit: '', fault: 'NONE' as const };
  const [truth, setTruth] = useState(before.truth);
  const [noise, setNoise] = useState(before.noise);
  const [fault, setFault] = useState<Fault>(before.fault);
  const set = useMutation({
    mutationFn: () => pretend(one.id, { truth, noise, fault }),
    onSuccess: async () => {
      void message.success(`${one.title} is set.`);
      await client.invalidateQueries({ queryKey: instrumentsQuery.queryKey });
    },
    onError: (e) => void message.error(e.message),
  });
  return (
    <tr>
      <td>{one.title}</td>
      <td>
        <NumberField
          aria-label={`${one.title} measures`}
          value={truth}
          onChange={(v) => setTruth(v ?? 0)}
          suffix={before.unit}
        />
      </td>
      <td>
        <NumberField
          aria-label={`${one.title} scatters by`}
          min={0}
          value={noise}
          onChange={(v) => setNoise(v ?? 0)}
          suffix={before.unit}
        />
      </td>
      <td>
        <Pick label={`${one.title} is`} value={fault} options={[...FAULTS]} onChange={setFault} />
      </td>
      <td>
        <Button disabled={set.isPending} onClick={() => set.mutate()}>
          Set
        </Button>
      </td>
    </tr>
  );
}
