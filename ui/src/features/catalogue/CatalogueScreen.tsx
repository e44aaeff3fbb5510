import { Button, Checkbox, Input } from 'antd';
import { words } from '../../shared/format/units';
import './catalogue.css';
import { useQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { catalogueQuery } from '../../shared/api/queries';
import { useAddress } from '../../shared/kit/useAddress';
import { Waiting } from '../../shared/kit/Waiting';
import { massWords, size } from './text';
import { Pick } from '../../shared/kit/Pick';

const SORTS = [
  ['name', 'Part'],
  ['maker', 'Maker'],
  ['category', 'Category'],
  ['mass', 'Mass'],
  ['length', 'W × H × L, mm'],
] as const;

/** Every part of the house: searched by name or by look, filtered, sorted, two of them compared. */
export function CatalogueScreen({ session }: { session: Schemas['Session'] }) {
  const [params, change] = useAddress();
  const navigate = useNavigate();
  const get = (name: string) => params.get(name) ?? '';
  const set = (name: string, value: string) =>
    change(name === 'from' || name === 'pick' ? { [name]: value } : { from: '', [name]: value });
  const question = {
    search: useDeferredValue(get('search')),
    look: useDeferredValue(get('look')),
    category: get('category') as Schemas['PartSheet']['category'] | '',
    standard: get('standard'),
    sort: get('sort') || 'name',
    down: get('down') === '1',
    from: Number(get('from')) || 0,
  };
  const query = useQuery(catalogueQuery(question));
  const page = query.data;
  const picked = get('pick').split(',').filter(Boolean);
  const pick = (ref: string) =>
    set('pick', (picked.includes(ref) ? picked.filter((p) => p !== ref) : [...picked.slice(-1), ref]).join(','));
  const sortBy = (name: string) => {
    if (question.sort === name) set('down', question.down ? '' : '1');
    else set('sort', name === 'name' ? '' : name);
  };
  return (
    <main className="page catalogue">
      <div className="part-head">
        <h1>Catalogue</h1>
        <span className="num soft">{page ? `${page.total} parts` : ''}</span>
        <span className="push" />
        {picked.length === 2 && (
          <Button type="primary" onClick={() => void navigate(`/catalogue/compare?a=${picked[0]}&b=${picked[1]}`)}>
            Compare two
          </Button>
        )}
        {session.waives && (
          <Link className="btn" to="/catalogue/import">
            Import a list
          </Link>
        )}
        {session.editsBuilds && (
          <Link className="btn" to="/catalogue/edit">
            New part
          </Link>
        )}
        <Button href="/api/catalogue.csv">CSV</Button>
        <Button href="/api/catalogue.harbor.json">JSON</Button>
      </div>
      <div className="filters">
        <label>
          <span>Name, maker or another name for it</span>
          <Input
            allowClear
            type="search"
            value={get('search')}
            onChange={(e) => set('search', e.target.value)}
            placeholder="rail clamp"
          />
        </label>
        <label className="wide">
          <span>Or what you hold in the hand</span>
          <Input
            allowClear
            type="search"
            value={get('look')}
            onChange={(e) => set('look', e.target.value)}
            placeholder="flat plate, two 3/8 screws, slot 38 mm"
          />
        </label>
        <label>
          <span>Category</span>
          <Pick
            label="Category"
            value={get('category')}
            onChange={(c) => set('category', c)}
            options={[
              { value: '', label: 'all' },
              ...(page?.categories ?? []).map((c) => ({ value: c as string, label: words(c) })),
            ]}
          />
        </label>
        <label>
          <span>Mounting standard</span>
          <Pick
            label="Mounting standard"
            value={get('standard')}
            onChange={(s) => set('standard', s)}
            options={[
              { value: '', label: 'all' },
              ...(page?.standards ?? []).map((s) => ({ value: s.id, label: s.title })),
            ]}
          />
        </label>
      </div>
      {query.isPending && <Waiting />}
      {query.isError && <p className="error">{query.error.message}</p>}
      {page && (
        <Lines
          page={page}
          picked={picked}
          onPick={pick}
          sort={question.sort}
          down={question.down}
          onSort={sortBy}
          byLook={question.look !== ''}
        />
      )}
      {page && page.total === 0 && (
        <p className="soft">No part answers this. Loosen the search, or describe less of it.</p>
      )}
      {page && page.total > page.from + 100 && (
        <Button onClick={() => set('from', String(page.from + 100))}>Next 100</Button>
      )}
      {page && page.from > 0 && (
        <Button type="text" onClick={() => set('from', String(Math.max(0, page.from - 100)))}>
          Back
        </Button>
      )}
    </main>
  );
}

interface LinesProps {
  page: Schemas['PartPage'];
  picked: string[];
  onPick: (ref: string) => void;
  sort: string;
  down: boolean;
  onSort: (name: string) => void;
  byLook: boolean;
}

function Lines({ page, picked, onPick, sort, down, onSort, byLook }: LinesProps) {
  return (
    <table className="sheet">
      <thead>
        <tr>
          <th>
            <span className="hush">Compare</span>
          </th>
          {SORTS.map(([name, title]) => (
            <th
              key={name}
              className={name === 'mass' || name === 'length' ? 'right' : ''}
              aria-sort={!byLook && sort === name ? (down ? 'descending' : 'ascending') : 'none'}
            >
              {byLook ? (
                title
              ) : (
                <Button type="text" className="sorter" onClick={() => onSort(name)}>
                  {title}
                  {sort === name ? (down ? ' ↓' : ' ↑') : ''}
                </Button>
              )}
            </th>
          ))}
          <th className="right">Ports</th>
          {byLook && <th>Found by</th>}
        </tr>
      </thead>
      <tbody>
        {page.lines.map((l) => (
          <tr key={l.ref}>
            <td>
              <Checkbox
                aria-label={`Compare ${l.name}`}
                checked={picked.includes(l.ref)}
                onChange={() => onPick(l.ref)}
              />
            </td>
            <td>
              <Link to={`/catalogue/parts/${encodeURIComponent(l.ref)}`}>
                <strong>{l.name}</strong>
              </Link>
            </td>
            <td className="soft">{l.maker}</td>
            <td>{words(l.category)}</td>
            <td className="num right nowrap">{l.mass.kind === 'UNKNOWN' ? 'not weighed' : massWords(l.mass)}</td>
            <td className="num right nowrap">{size(l)}</td>
            <td className="num right">{l.ports}</td>
            {byLook && <td className="soft">{l.by.join(', ')}</td>}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
