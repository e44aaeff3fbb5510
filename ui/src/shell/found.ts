import type { Schemas } from '../shared/api/client';
import type { Command } from '../shared/commands/commands';
import { hasWords } from '../shared/format/search';
import { addressOf } from '../shared/job/standpoint';

/** Something to go to or to do. */
export interface Hit {
  /** What the list shows. */
  label: string;
  /** What is beside it: where it is, or its key. */
  note: string;
  to?: string;
  run?: () => void;
}

export interface Section {
  title: string;
  hits: Hit[];
}

/** Most hits of a section; a longer list is narrowed by more words. */
const MOST = 7;

const SCREENS: [string, string][] = [
  ['Jobs', '/jobs'],
  ['Catalogue', '/catalogue'],
  ['Compare two parts', '/catalogue/compare'],
  ['Import parts', '/catalogue/import'],
  ['Calendar', '/calendar'],
  ['Stock', '/stock'],
  ['Notes', '/notes'],
  ['What broke or went missing', '/notes?of=incidents'],
  ['Calculators', '/calculators'],
  ['House: standards', '/house#standards'],
  ['House: ways of working', '/house#ways'],
  ['House: rules', '/house#rules'],
];

const OF_JOB = [
  'brief',
  'bench',
  'lenses',
  'power',
  'signal',
  'media',
  'papers',
  'assembly',
  'changeover',
  'tests',
  'packing',
  'dispatch',
];

/** What has all the words, in its name first, then in what stands beside it. */
function narrowed(title: string, hits: Hit[], search: string): Section {
  const has = (text: string) => hasWords(text, search);
  const named = hits.filter((h) => has(h.label));
  const beside = hits.filter((h) => !has(h.label) && has(`${h.label} ${h.note}`));
  return { title, hits: [...named, ...beside].slice(0, MOST) };
}

const begins = ({ hits }: Section, search: string) =>
  hits.some((h) => h.label.toLowerCase().startsWith(search.trim().toLowerCase()));

/** Where in a job somebody is, when in one. */
export interface InJob {
  job: string;
  title: string;
  asked: URLSearchParams;
  bench?: Schemas['Bench'];
}

function ofBench({ job, asked, bench }: InJob): { parts: Hit[]; findings: Hit[] } {
  const there = (part: string, lens = '') => addressOf(job, 'bench', asked, lens ? { part, lens } : { part });
  return {
    parts: (bench?.stack ?? []).map((r) => ({ label: r.title, note: r.on, to: there(r.placement) })),
    findings: (bench?.findings ?? []).map((f) => ({
      label: f.title,
      note: f.severity.toLowerCase(),
      to: there(f.placements[0] ?? '', f.lens),
    })),
  };
}

/** What is found for some words: what the screen can do, where one can go, and what the job, the house and the catalogue have. */
export function sections(
  search: string,
  commands: readonly Command[],
  here: InJob | undefined,
  jobs: readonly Schemas['JobLine'][],
  catalogue: readonly Schemas['PartLine'][],
): Section[] {
  const screens = SCREENS.map(([label, to]) => ({ label, note: 'screen', to }));
  const ofJob = here
    ? OF_JOB.map((s) => ({ label: `${here.title}: ${s}`, note: 'screen', to: addressOf(here.job, s, here.asked) }))
    : [];
  const { parts, findings } = here ? ofBench(here) : { parts: [], findings: [] };
  const onRig = narrowed('Parts on this rig', search ? parts : [], search);
  const found = narrowed('Findings here', findings, search);
  return [
    // Who types how a part begins, and no finding, means the part and not what is said of it.
    ...(begins(onRig, search) && !begins(found, search) ? [onRig, found] : [found, onRig]),
    narrowed(
      'Do',
      commands.map((c) => ({ label: c.title, note: c.key ?? '', run: c.run })),
      search,
    ),
    narrowed('Go to', [...ofJob, ...screens], search),
    {
      title: 'Jobs',
      hits: jobs.slice(0, MOST).map((j) => ({ label: j.title, note: j.place, to: `/jobs/${j.id}/brief` })),
    },
    {
      title: 'Catalogue',
      hits: catalogue
        .slice(0, MOST)
        .map((p) => ({ label: p.name, note: p.maker, to: `/catalogue/parts/${encodeURIComponent(p.ref)}` })),
    },
  ].filter((s) => s.hits.length > 0);
}
