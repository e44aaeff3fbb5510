import { Button, Modal, Select } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { keys } from '../../shared/api/queries';
import { catalogueQuery } from '../../shared/api/houseQueries';
import { NumberField } from '../../shared/kit/NumberField';
import { Sheet } from '../../shared/kit/Sheet';
import { words } from '../../shared/format/units';
import { added, changed, packed } from './kit';
import type { KitLine } from './kit';
import { PasteList } from './PasteList';

interface Props {
  d: Schemas['Dispatch'];
  onClose: () => void;
}

/** The kit by hand: what is in it, how many of each, and what comes in. Nothing is stored until it is saved. */
export function KitDialog({ d, onClose }: Props) {
  const client = useQueryClient();
  const [lines, setLines] = useState(() => packed(d.lines));
  const [pasting, setPasting] = useState(false);
  const change = changed(d.lines, lines);
  const save = useMutation({
    mutationFn: async () =>
      unwrap(
        await api.PUT('/api/jobs/{job}/kit', {
          params: { path: { job: d.job } },
          body: { revision: d.revision, lines: change },
        }),
      ),
    onSuccess: async () => {
      onClose();
      // The kit is part of what a build is: nobody shall act on the revision before it.
      client.removeQueries({ queryKey: ['job', d.job, 'bench'] });
      await client.invalidateQueries({ queryKey: keys.job(d.job) });
      await client.invalidateQueries({ queryKey: keys.jobs });
    },
  });
  const put = (item: string, count: number) => setLines(lines.map((l) => (l.item === item ? { ...l, count } : l)));
  return (
    <Modal
      open
      title="The kit: what goes along beside what is on the rigs"
      okText={
        change.length === 0 ? 'Nothing changed' : `Save ${change.length === 1 ? 'one line' : `${change.length} lines`}`
      }
      okButtonProps={{ disabled: change.length === 0 || save.isPending }}
      onOk={() => save.mutate()}
      onCancel={onClose}
      width={760}
    >
      <div className="kit-add">
        <AddPart onAdd={(line) => setLines(added(lines, [line]))} />
        <Button onClick={() => setPasting(!pasting)} aria-expanded={pasting}>
          Paste a list
        </Button>
      </div>
      {pasting && (
        <PasteList
          job={d.job}
          onTake={(more) => {
            setLines(added(lines, more));
            setPasting(false);
          }}
        />
      )}
      {save.error && (
        <p className="error" role="alert">
          {save.error.message}
        </p>
      )}
      <div className="kit-lines">
        <Sheet<KitLine>
          rowKey="item"
          dataSource={lines}
          empty="Nothing yet: search a part above, or paste a list."
          columns={[
            { title: 'Item', dataIndex: 'name' },
            { title: 'Category', key: 'category', className: 'soft', render: (_, l) => words(l.category) },
            { title: 'On rig', key: 'rig', align: 'right', className: 'num', render: (_, l) => l.onRig || '' },
            {
              title: 'In kit',
              key: 'count',
              align: 'right',
              render: (_, l) => (
                <NumberField
                  size="small"
                  aria-label={`${l.name} in the kit`}
                  min={0}
                  max={10_000}
                  value={l.count}
                  onChange={(v) => put(l.item, v ?? 0)}
                />
              ),
            },
          ]}
        />
      </div>
    </Modal>
  );
}

/** Any part of the catalogue, found by what it is called. */
function AddPart({ onAdd }: { onAdd: (line: KitLine) => void }) {
  const [search, setSearch] = useState('');
  const found = useQuery({
    ...catalogueQuery({
      search: useDeferredValue(search.trim()),
      look: '',
      category: '',
      standard: '',
      standing: 'OFFERED',
      sort: 'name',
      down: false,
      from: 0,
    }),
    enabled: search.trim() !== '',
  });
  const lines = search.trim() ? (found.data?.lines ?? []) : [];
  return (
    <Select<string>
      className="kit-search"
      aria-label="Part for the kit"
      placeholder="Search a part for the kit"
      value={null as unknown as string}
      showSearch={{ searchValue: search, onSearch: setSearch, filterOption: false }}
      notFoundContent={search.trim() === '' ? 'Type a name, a maker or another word for it' : 'Nothing matches'}
      onChange={(ref: string) => {
        const line = lines.find((l) => l.ref === ref);
        if (line) onAdd({ item: line.ref, name: line.name, category: line.category, onRig: 0, count: 1 });
        setSearch('');
      }}
      options={lines.slice(0, 40).map((l) => ({ value: l.ref, label: `${l.name}, ${l.maker}` }))}
    />
  );
}
