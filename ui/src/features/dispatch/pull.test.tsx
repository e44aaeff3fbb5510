import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { CategoryTable } from './CategoryTable';

const line = (name: string, category: string, grams: number | null): Schemas['Line'] =>
  ({
    item: name,
    name,
    category,
    maker: 'Tarnwick',
    onRig: 1,
    inKit: 0,
    pieces: 1,
    eachGrams: grams ?? 0,
    lineGrams: grams ?? 0,
    massKnown: grams !== null,
    serves: [],
  }) as Schemas['Line'];

const items = () =>
  screen
    .getAllByRole('row')
    .slice(1)
    .map((r) => r.firstElementChild?.textContent);

describe('the pull list', () => {
  const lines = [line('Plate', 'PLATE', 400), line('Hood', 'BRACKET', null), line('Rod', 'ROD', 90)];

  it('comes as the server orders it', () => {
    render(<CategoryTable lines={lines} />);
    expect(items()).toEqual(['Plate', 'Hood', 'Rod']);
    expect(screen.getByText('not weighed')).toBeTruthy();
  });

  it('is sorted by mass, what is not weighed last', () => {
    render(<CategoryTable lines={lines} />);
    fireEvent.click(screen.getByText('Each'));
    expect(items()).toEqual(['Rod', 'Plate', 'Hood']);
  });

  it('says when there is nothing to pull', () => {
    render(<CategoryTable lines={[]} />);
    expect(screen.getByText('Nothing is to be pulled yet.')).toBeTruthy();
  });
});
