import { Button, Input } from 'antd';
import { counted, words } from '../../shared/format/units';
import './catalogue.css';
import { useQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { useNavigate } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { catalogueQuery } from '../../shared/api/houseQueries';
import { LinkButton } from '../../shared/kit/LinkButton';
import { useAddress } from '../../shared/kit/useAddress';
import { Waiting } from '../../shared/kit/Waiting';
import { PartTable } from './PartTable';
import { STANDINGS, idOf, useStanding } from './standing';
import { Pick } from '../../shared/kit/Pick';

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
    standing: get('standing') as Schemas['PartSheet']['standing'] | '',
    sort: get('sort') || 'name',
    down: get('down') === '1',
    from: Number(get('from')) || 0,
  };
  const query = useQuery(catalogueQuery(question));
  const page = query.data;
  const stand = useStanding();
  const held = question.standing === 'HELD' ? (page?.lines ?? []) : [];
  const picked = get('pick').split(',').filter(Boolean);
  return (
    <main className="page catalogue">
      <div className="part-head">
        <h1>Catalogue</h1>
        <span className="num soft">{page ? counted(page.total, 'part') : ''}</span>
        <span className="push" />
        {picked.length === 2 && (
          <Button type="primary" onClick={() => void navigate(`/catalogue/compare?a=${picked[0]}&b=${picked[1]}`)}>
            Compare two
          </Button>
        )}
        {session.waives && <LinkButton to="/catalogue/import">Import a list</LinkButton>}
        {session.editsBuilds && <LinkButton to="/catalogue/make">New part</LinkButton>}
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
        <label>
          <span>Standing</span>
          <Pick
            label="Standing"
            value={get('standing')}
            onChange={(s) => set('standing', s)}
            options={[{ value: '', label: 'all' }, ...STANDINGS]}
          />
        </label>
      </div>
      {page && page.held > 0 && question.standing !== 'HELD' && (
        <p>
          <span className="mark note">held</span> {counted(page.held, 'part')} came in with a list and{' '}
          {page.held === 1 ? 'is' : 'are'} not offered yet.{' '}
          <Button onClick={() => set('standing', 'HELD')}>Look them over</Button>
        </p>
      )}
      {held.length > 0 && session.waives && (
        <div className="finding-acts">
          <Button
            type="primary"
            onClick={() =>
              stand(
                held.map((l) => idOf(l.ref)),
                'OFFERED',
              )
            }
          >
            Offer {held.length === 1 ? 'this part' : `these ${held.length} parts`}
          </Button>
          <Button
            onClick={() =>
              stand(
                held.map((l) => idOf(l.ref)),
                'RETIRED',
              )
            }
          >
            Retire them
          </Button>
        </div>
      )}
      {query.isPending && <Waiting />}
      {query.isError && <p className="error">{query.error.message}</p>}
      {page && (
        <PartTable
          empty={
            page.categories.length === 0
              ? 'No part is on file yet. Begin with New part: a rule, a scale and the label are enough. A lead may import a list.'
              : 'No part answers this. Loosen the search, or describe less of it.'
          }
          lines={page.lines}
          picked={picked}
          onPick={(refs) => set('pick', refs.join(','))}
          sort={question.sort}
          down={question.down}
          onSort={(name, down) => change({ from: '', sort: name === 'name' ? '' : name, down: down ? '1' : '' })}
          byLook={question.look !== ''}
        />
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
