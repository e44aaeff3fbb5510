import type { Schemas } from '../../shared/api/client';
import { CONDITIONS } from '../../shared/job/conditions';
import type { Condition } from '../../shared/job/conditions';

export type Piece = Schemas['PieceLine'];

export const conditionOptions = (Object.keys(CONDITIONS) as Condition[]).map((value) => ({
  value,
  label: CONDITIONS[value],
}));

export const mayGo = (condition: Condition) => condition === 'READY' || condition === 'TRIAL';

const OWNERS: Readonly<Record<Piece['owner'], string>> = {
  HOUSE: 'the house',
  OPERATOR: 'an operator',
  SUB_HIRE: 'sub-hired',
  PRODUCTION: 'the production',
};

export const ownerText = (p: Pick<Piece, 'owner' | 'from'>) =>
  p.from === '' ? OWNERS[p.owner] : `${OWNERS[p.owner]}, ${p.from}`;

export const ownerOptions = (Object.keys(OWNERS) as Piece['owner'][]).map((value) => ({
  value,
  label: OWNERS[value],
}));

/** A piece as it is changed: with the version that was seen, so that nobody overwrites another. */
export const editOf = (p: Piece): Schemas['PieceEdit'] => ({
  seen: p.version,
  type: p.type,
  serial: p.serial,
  owner: p.owner,
  from: p.from,
  condition: p.condition,
  home: p.home,
  grams: p.grams ?? 0,
  note: p.note,
});

export const FRESH: Schemas['PieceEdit'] = {
  seen: 0,
  type: '',
  serial: '',
  owner: 'HOUSE',
  from: '',
  condition: 'READY',
  home: '',
  grams: 0,
  note: '',
};
