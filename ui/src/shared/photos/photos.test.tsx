import { App } from 'antd';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { photosQuery } from '../api/photoQueries';
import type { Photo } from '../api/photoQueries';
import { arrow, arrowPath, label, placeIn } from './marks';
import { Photos } from './Photos';

const photo = (id: string, of: string, words = ''): Photo => ({
  id,
  job: 'kiln',
  of,
  widthPx: 400,
  heightPx: 200,
  words,
  marks: [],
  by: 'Jonna Brask',
  at: '2026-11-30T10:00:00Z',
  version: 0,
});

describe('marks on a photo', () => {
  it('are shares of what is on the screen, and lie in it', () => {
    const box = { left: 10, top: 20, width: 200, height: 100 };
    expect(placeIn(box, 110, 70)).toEqual({ x: 0.5, y: 0.5 });
    expect(placeIn(box, 0, 500)).toEqual({ x: 0, y: 1 });
  });

  it('are arrows as long as they can be seen', () => {
    expect(arrow({ x: 0.1, y: 0.1 }, { x: 0.105, y: 0.1 })).toBeUndefined();
    const drawn = arrow({ x: 0.25, y: 0.5 }, { x: 0.75, y: 0.5 });
    expect(drawn).toMatchObject({ kind: 'ARROW', toX: 0.75 });
    expect(drawn && arrowPath(drawn, 400, 200)).toMatch(/^M100\.0 100\.0L300\.0 100\.0M292\.3 95\.8L300\.0 100\.0L/);
    expect(label({ x: 0.3, y: 0.4 }, 'bent')).toMatchObject({ kind: 'LABEL', toX: 0.3, words: 'bent' });
  });
});

function show(of: string, mayTake: boolean) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Infinity } } });
  client.setQueryData(photosQuery('kiln').queryKey, [photo('1', 'case:3', 'Foam torn'), photo('2', 'step:a|x')]);
  return render(
    <QueryClientProvider client={client}>
      <App>
        <Photos job="kiln" of={of} mayTake={mayTake} />
      </App>
    </QueryClientProvider>,
  );
}

describe('photos of a thing', () => {
  it('are those of it alone, with what is told of them', () => {
    show('case:3', false);
    expect(screen.getAllByRole('button').map((b) => b.getAttribute('aria-label'))).toEqual(['Photo 1: Foam torn']);
  });

  it('are nothing where there is none and none may be taken', () => {
    const { container } = show('case:9', false);
    expect(container.querySelector('.photos')).toBeNull();
  });

  it('open at their size, are written on, and can be saved once something is changed', () => {
    show('case:3', true);
    expect(screen.getByRole('button', { name: 'Add another photo' })).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: /Foam torn/ }));
    const save = screen.getByRole('button', { name: 'Save' });
    expect(save.hasAttribute('disabled')).toBe(true);
    fireEvent.click(screen.getByText('write on it'));
    const picture = screen.getByRole('img', { name: 'Foam torn' });
    picture.getBoundingClientRect = () => ({ left: 0, top: 0, width: 400, height: 200 }) as DOMRect;
    fireEvent.pointerDown(picture, { clientX: 100, clientY: 50 });
    fireEvent.change(screen.getByLabelText('Words of mark 1'), { target: { value: 'torn here' } });
    expect(screen.getByRole('img', { name: 'Foam torn. torn here' })).toBeTruthy();
    expect(save.hasAttribute('disabled')).toBe(false);
    fireEvent.click(screen.getByRole('button', { name: 'Take mark 1 away' }));
    expect(save.hasAttribute('disabled')).toBe(true);
  });
});
