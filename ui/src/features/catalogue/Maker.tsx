import { Button } from 'antd';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { fixed } from '../../shared/format/units';
import { Waiting } from '../../shared/kit/Waiting';
import { MakerAsk } from './MakerAsk';
import { MakerFaces } from './MakerFaces';
import { PartView } from './PartViews';
import { pointed, viewOf } from './making';
import type { Face } from './making';

interface Props {
  template: Schemas['TemplateView'];
  onOther: () => void;
}

/** The measures of a part at the left, what comes of them at the right, as they are typed. */
export function Maker({ template, onOther }: Props) {
  const [answers, setAnswers] = useState<Record<string, string>>({});
  const [faces, setFaces] = useState<Face[]>([]);
  const [placing, setPlacing] = useState(-1);
  const client = useQueryClient();
  const navigate = useNavigate();
  const asked = useDeferredValue({ template: template.id, answers, faces });
  const query = useQuery({
    queryKey: ['catalogue', 'maker', 'try', asked] as const,
    queryFn: async () => unwrap(await api.POST('/api/catalogue/maker/try', { body: asked })),
    placeholderData: keepPreviousData,
  });
  const keep = useMutation({
    mutationFn: async (text: string) => unwrap(await api.POST('/api/catalogue/parts', { body: { text } })),
    onSuccess: async (stored) => {
      await client.invalidateQueries({ queryKey: ['catalogue'] });
      await navigate(`/catalogue/parts/${encodeURIComponent(stored.ref)}`);
    },
  });
  const made = query.data;
  const doubtOf = (field: string) => made?.doubts.filter((d) => d.field === field) ?? [];
  const left =
    made?.doubts.filter((d) => d.blocks && answers[d.field] === undefined && d.field in asks(template)) ?? [];
  const place = (view: Schemas['PartSketch']['view'], across: number, upward: number) => {
    const face = faces[placing];
    if (!face || viewOf(face.side) !== view) return;
    setFaces(faces.map((f, i) => (i === placing ? { ...f, ...pointed(view, across, upward) } : f)));
  };
  return (
    <main className="page maker">
      <form
        className="maker-asks"
        onSubmit={(e) => {
          e.preventDefault();
          if (made?.ready) keep.mutate(made.text);
        }}
      >
        <div className="part-head">
          <h1>{template.title}</h1>
          <Button type="text" onClick={onOther}>
            Another kind
          </Button>
        </div>
        <p className="soft">{template.about}</p>
        {template.asks.map((a, i) => (
          <MakerAsk
            key={a.id}
            ask={a}
            first={i === 0}
            value={answers[a.id]}
            doubts={answers[a.id] === undefined ? [] : doubtOf(a.id)}
            onChange={(value) => setAnswers({ ...answers, [a.id]: value })}
          />
        ))}
        <MakerFaces
          faces={faces}
          placing={placing}
          doubtsOf={(i) => doubtOf(`faces[${i}]`)}
          onChange={setFaces}
          onPlace={setPlacing}
        />
        <div className="maker-keep">
          <Button type="primary" htmlType="submit" disabled={!made?.ready || query.isPlaceholderData || keep.isPending}>
            Keep the part
          </Button>
          {made && !made.ready && (
            <span className="soft">
              {left.length > 0
                ? `Still to be said: ${left.map((d) => asks(template)[d.field]).join(', ')}`
                : 'Mend what is marked first.'}
            </span>
          )}
        </div>
        {keep.error && (
          <p className="error" role="alert">
            {keep.error.message}
          </p>
        )}
      </form>
      <section className="maker-made" aria-label="What comes of it">
        {query.isPending && <Waiting />}
        {query.isError && <p className="error">{query.error.message}</p>}
        {made && <Sides made={made} placing={faces[placing]} onPoint={place} />}
        {made && (
          <>
            <p>
              <strong>{made.name}</strong>{' '}
              {!made.name.endsWith('mm') && (
                <span className="num soft">
                  {fixed(made.width, 0)} × {fixed(made.height, 0)} × {fixed(made.length, 0)} mm
                </span>
              )}
            </p>
            <ol className="maker-ports" aria-label="Faces">
              {made.ports.map((p) => (
                <li key={p.id}>{p.title}</li>
              ))}
            </ol>
            {doubtOf('').map((d) => (
              <p key={d.text} className={`mark ${d.blocks ? 'stop' : 'caution'}`}>
                {d.text}
              </p>
            ))}
          </>
        )}
      </section>
    </main>
  );
}

const asks = (template: Schemas['TemplateView']): Record<string, string> =>
  Object.fromEntries(template.asks.map((a) => [a.id, a.title.toLowerCase()]));

const TITLES = { LEFT: 'from left', FRONT: 'from front', ABOVE: 'from above', RIGHT: 'from right' };

interface SidesProps {
  made: Schemas['MadeView'];
  placing: Face | undefined;
  onPoint: (view: Schemas['PartSketch']['view'], across: number, upward: number) => void;
}

/** The three sides to one scale; where a face is being placed, its side takes the pointer. */
function Sides({ made, placing, onPoint }: SidesProps) {
  const extent = Math.max(60, made.width, made.height, made.length) * 1.35;
  return (
    <div className="part-views">
      {made.drawings.map((d) => {
        const here = placing && viewOf(placing.side) === d.view;
        return (
          <figure key={d.view} className={here ? 'placing' : ''}>
            <PartView
              drawing={d}
              category={made.category}
              extent={extent}
              ports={made.ports}
              onPoint={here ? (x, y) => onPoint(d.view, x, y) : undefined}
            />
            <figcaption className="soft">{here ? 'press where the face is' : TITLES[d.view]}</figcaption>
          </figure>
        );
      })}
    </div>
  );
}
