import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { PullTable } from './PullTable';

const dispatch: Schemas['Dispatch'] = {
  job: 'kiln',
  title: 'Kiln',
  revision: 4,
  stage: 'DRAFT',
  stageNote: '',
  steps: { done: 0, of: 12 },
  tests: { done: 0, of: 20 },
  failedTests: [],
  packed: { done: 0, of: 2 },
  casesPacked: 0,
  returned: { done: 0, of: 0 },
  clear: true,
  verdict: 'Clear',
  heldBy: [],
  signatures: [],
  whyNotBuilt: '',
  whyNotChecked: '',
  whyNotSign: '',
  whyNotPacked: '',
  whyNotReconciled: '',
  whyNotOpenedAgain: 'x',
  seal: null,
  handedOver: null,
  whyNotDispatch: '',
  lines: [
    {
      item: 'box-2@2',
      category: 'MATTE_BOX',
      maker: 'Obrisk',
      name: 'Matte box',
      onRig: 1,
      inKit: 0,
      pieces: 1,
      eachGrams: 620,
      lineGrams: 620,
      massKnown: true,
      serves: [],
    },
    {
      item: 'legs@1',
      category: 'LEGS',
      maker: 'Fennholt',
      name: 'Legs',
      onRig: 1,
      inKit: 0,
      pieces: 1,
      eachGrams: 0,
      lineGrams: 0,
      massKnown: false,
      serves: [],
    },
  ],
  screws: [],
  cases: [
    {
      number: 1,
      name: 'Case, camera',
      inKit: false,
      contents: [{ item: 'box-2@2', name: 'Matte box', category: 'MATTE_BOX', pieces: 1 }],
      grams: 21300,
      fill: 0.324,
      unweighed: true,
      forTwo: true,
    },
  ],
  loose: [{ item: 'legs@1', name: 'Legs', category: 'LEGS', pieces: 1 }],
  insuredValue: 142000,
  totalGrams: 620,
  unweighed: 1,
  teamLift: false,
  teamLiftGrams: 20000,
};

describe('the pull list', () => {
  it('is by category first, with masses that are not on file said so', () => {
    render(<PullTable d={dispatch} canEdit={false} />);
    expect(screen.getByRole('row', { name: /Legs/ }).textContent).toContain('not weighed');
    expect(screen.getByText('CSV').getAttribute('href')).toBe('/api/jobs/kiln/pull-list.csv');
  });

  it('is by case on request: mass, how full, who lifts, and what fits none', () => {
    render(<PullTable d={dispatch} canEdit={false} />);
    fireEvent.click(screen.getByText('by case'));
    const head = screen.getByRole('row', { name: /Case, camera/ }).textContent;
    expect(head).toContain('lift by two');
    expect(head).toContain('not in the kit');
    expect(head).toContain('at least 21.30 kg');
    expect(head).toContain('32 %');
    expect(screen.getByText(/in no case/)).toBeTruthy();
    expect(screen.getByText('CSV').getAttribute('href')).toBe('/api/jobs/kiln/packing-list.csv');
  });
});
