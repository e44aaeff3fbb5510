import './catalogue.css';
import { Input } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { templatesQuery } from '../../shared/api/houseQueries';
import { LinkButton } from '../../shared/kit/LinkButton';
import { useAddress } from '../../shared/kit/useAddress';
import { Waiting } from '../../shared/kit/Waiting';
import { Maker } from './Maker';

/** A part made of what can be measured: first what kind of part it is, then its measures. */
export function MakeScreen({ session }: { session: Schemas['Session'] }) {
  const [asked, change] = useAddress();
  const query = useQuery(templatesQuery);
  if (!session.editsBuilds) return <p className="page">Your role does not make parts.</p>;
  if (query.isPending) return <Waiting />;
  if (query.isError) return <p className="page error">{query.error.message}</p>;
  const template = query.data.flatMap((g) => g.templates).find((t) => t.id === asked.get('template'));
  return template ? (
    <Maker key={template.id} template={template} onOther={() => change({ template: '' })} />
  ) : (
    <Choice groups={query.data} onChoose={(id) => change({ template: id })} />
  );
}

interface ChoiceProps {
  groups: Schemas['TemplateGroup'][];
  onChoose: (id: string) => void;
}

/** What kind of part it is, in groups, or found by a word. */
function Choice({ groups, onChoose }: ChoiceProps) {
  const [search, setSearch] = useState('');
  const has = (t: Schemas['TemplateView']) =>
    `${t.title} ${t.about}`.toLowerCase().includes(search.trim().toLowerCase());
  const shown = groups.map((g) => ({ ...g, templates: g.templates.filter(has) })).filter((g) => g.templates.length > 0);
  return (
    <main className="page make">
      <div className="part-head">
        <h1>New part</h1>
        <span className="soft">What is it? A rule, a scale and the label are enough.</span>
        <span className="push" />
        <Input
          className="make-search"
          autoFocus
          allowClear
          type="search"
          aria-label="Search the kinds"
          placeholder="Search the kinds"
          value={search}
          onChange={(e) => setSearch(e.target.value)}
        />
        <LinkButton to="/catalogue/edit">Write it as text</LinkButton>
      </div>
      {shown.map((g) => (
        <section key={g.title}>
          <h2>{g.title}</h2>
          <ul className="kinds">
            {g.templates.map((t) => (
              <li key={t.id}>
                <a
                  href={`/catalogue/make?template=${t.id}`}
                  onClick={(e) => {
                    e.preventDefault();
                    onChoose(t.id);
                  }}
                >
                  <strong>{t.title}</strong>
                </a>
                <span className="soft">{t.about}</span>
              </li>
            ))}
          </ul>
        </section>
      ))}
      {shown.length === 0 && (
        <p>No kind has this word. “Bracket or adapter” and “Box that takes power” serve for most of the rest.</p>
      )}
    </main>
  );
}
