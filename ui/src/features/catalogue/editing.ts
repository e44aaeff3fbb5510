import type { Schemas } from '../../shared/api/client';

type Category = Schemas['PartSheet']['category'];

/** Every category there is: one that is missing here does not compile. */
const ALL: Record<Category, true> = {
  BODY: true,
  LENS: true,
  PLATE: true,
  DOVETAIL: true,
  HEAD: true,
  LEGS: true,
  ROD: true,
  CAGE: true,
  HANDLE: true,
  BRACKET: true,
  VIEWFINDER: true,
  MONITOR: true,
  BATTERY: true,
  POWER: true,
  LENS_SUPPORT: true,
  MATTE_BOX: true,
  RISER: true,
  SHIM: true,
  CABLE: true,
  TRANSMISSION: true,
  TIMECODE: true,
  ADAPTER: true,
  ARM: true,
  SHOULDER: true,
  SOUND: true,
  TOOL: true,
  CASE: true,
  MEDIA: true,
  OTHER: true,
};
export const CATEGORIES = Object.keys(ALL) as Category[];

const NEW = 'new-part';

/** An id of a name: small letters, digits and hyphens. */
function idOf(name: string): string {
  const id = name
    .normalize('NFD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40);
  return id || NEW;
}

/** The few fields most people change; everything else stays in the text. */
export interface Fields {
  name: string;
  maker: string;
  category: string;
  massGrams: string;
}

interface PartText {
  ref: string;
  name: string;
  maker: string;
  category: string;
  links: { massGrams: unknown }[];
}

function parsed(text: string): PartText | null {
  try {
    const value = JSON.parse(text) as unknown;
    return typeof value === 'object' && value !== null && 'links' in value ? (value as PartText) : null;
  } catch {
    return null;
  }
}

export function readFields(text: string): Fields | null {
  const part = parsed(text);
  if (!part) return null;
  const mass = part.links[0]?.massGrams;
  return {
    name: part.name ?? '',
    maker: part.maker ?? '',
    category: part.category ?? '',
    massGrams:
      typeof mass === 'number'
        ? String(mass)
        : typeof mass === 'object' && mass !== null && 'value' in mass
          ? String(mass.value)
          : '',
  };
}

/** The text with the fields in place. An empty mass is unknown, never nothing; a number keeps its range when it did not change. */
export function withFields(text: string, fields: Fields): string {
  const part = parsed(text);
  if (!part) return text;
  const before = readFields(text);
  part.name = fields.name;
  part.maker = fields.maker;
  part.category = fields.category;
  // The id of a new part follows its name until somebody writes another.
  if (part.ref === `${idOf(before?.name ?? '')}@1`) part.ref = `${idOf(fields.name)}@1`;
  const link = part.links[0];
  if (link && before?.massGrams !== fields.massGrams) {
    const grams = Number(fields.massGrams);
    link.massGrams = fields.massGrams.trim() === '' || Number.isNaN(grams) ? { unknown: 'not weighed' } : grams;
  }
  return JSON.stringify(part, null, 2);
}

/** The same part under the next revision. */
export function nextRevision(text: string): string {
  const part = parsed(text);
  if (!part) return text;
  const at = part.ref.lastIndexOf('@');
  part.ref = `${part.ref.slice(0, at)}@${Number(part.ref.slice(at + 1)) + 1}`;
  return JSON.stringify(part, null, 2);
}

export function blankPart(): string {
  const part = {
    ref: `${NEW}@1`,
    maker: '',
    name: '',
    category: '',
    capabilities: [],
    links: [
      {
        id: 'main',
        massGrams: { unknown: 'not weighed' },
        centreOfMass: [0, 0, 0],
        shapes: [{ type: 'box', min: [-20, 0, -20], max: [20, 20, 20] }],
      },
    ],
    ports: [
      {
        id: 'foot',
        title: 'foot, 1/4-20',
        standard: 'thread-1-4',
        role: 'A',
        link: 'main',
        at: [0, 0, 0],
        normal: [0, -1, 0],
        up: [0, 0, 1],
        screws: [{ thread: '1/4-20', count: 1, captive: true, keys: ['hex 5/32 in'] }],
      },
    ],
    sockets: [],
    facets: [],
  };
  return JSON.stringify(part, null, 2);
}
