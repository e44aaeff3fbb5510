import { AutoComplete, Modal } from 'antd';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { useMatch, useNavigate, useSearchParams } from 'react-router';
import { api, unwrap } from '../shared/api/client';
import { benchQuery, jobQuery, keys } from '../shared/api/queries';
import { catalogueQuery } from '../shared/api/houseQueries';
import { useOffered } from '../shared/commands/commands';
import { spotIn } from '../shared/job/standpoint';
import { sections } from './found';
import type { Hit, InJob } from './found';

/** In which job somebody is, and what stands on its Bench. */
function useHere(): InJob | undefined {
  const job = useMatch('/jobs/:job/*')?.params.job ?? '';
  const [asked] = useSearchParams();
  const data = useQuery({ ...jobQuery(job), enabled: job !== '' }).data;
  const { build, spot } = spotIn(job, data?.builds ?? [], asked);
  const bench = useQuery({ ...benchQuery(spot), enabled: build !== undefined, refetchInterval: false }).data;
  return data && { job, title: data.title, asked, bench };
}

/** Jobs and parts the server finds for some words. */
function useServerHits(search: string, looksAtParts: boolean) {
  const jobs = useQuery({
    queryKey: [...keys.jobs, 'find', search],
    queryFn: async () => unwrap(await api.GET('/api/jobs', { params: { query: { search, page: 0 } } })),
    placeholderData: keepPreviousData,
  });
  const look = {
    search,
    look: '',
    category: '',
    standard: '',
    standing: '',
    sort: 'name',
    down: false,
    from: 0,
  } as const;
  const parts = useQuery({ ...catalogueQuery(look), enabled: looksAtParts && search.length > 1 });
  return { jobs: jobs.data?.jobs ?? [], parts: search.length > 1 ? (parts.data?.lines ?? []) : [] };
}

/** One field over jobs, parts, findings, screens and commands; Enter takes the first. */
export function FindAnything({ inHouse, onClose }: { inHouse: boolean; onClose: () => void }) {
  const navigate = useNavigate();
  const [search, setSearch] = useState('');
  const asked = useDeferredValue(search.trim());
  const here = useHere();
  const server = useServerHits(asked, inHouse);
  const found = sections(asked, useOffered(), here, server.jobs, server.parts);
  const hits = new Map<string, Hit>();
  // A crew from outside is offered no screen that is closed to it.
  const isOpen = (h: Hit) => inHouse || !h.to || /^\/(jobs|me)/.test(h.to);
  const options = found.map((s) => ({
    label: s.title,
    options: s.hits.filter(isOpen).map((h, i) => {
      const value = `${s.title} ${i} ${h.label}`;
      hits.set(value, h);
      return { value, label: <Line hit={h} /> };
    }),
  }));
  const take = (value: string) => {
    const hit = hits.get(value);
    if (!hit) return;
    onClose();
    if (hit.to) void navigate(hit.to);
    // After the dialog has gone: what is done may open another.
    else setTimeout(() => hit.run?.(), 0);
  };
  return (
    <Modal
      open
      footer={null}
      closable={false}
      onCancel={onClose}
      width={620}
      className="find-anything"
      title="Find anything"
    >
      <AutoComplete
        autoFocus
        open
        defaultActiveFirstOption
        aria-label="Find anything"
        placeholder="A job, part, finding, screen or command"
        listHeight={380}
        style={{ width: '100%' }}
        value={search}
        showSearch={{ onSearch: setSearch }}
        options={options}
        onSelect={take}
        notFoundContent={asked ? 'Nothing has these words. Try fewer, or a part’s other name.' : undefined}
        getPopupContainer={(field) => field.parentElement ?? document.body}
        onInputKeyDown={(e) => e.key === 'Escape' && onClose()}
      />
    </Modal>
  );
}

function Line({ hit }: { hit: Hit }) {
  return (
    <span className="hit">
      <span>{hit.label}</span>
      <span className="soft">{hit.note}</span>
    </span>
  );
}
