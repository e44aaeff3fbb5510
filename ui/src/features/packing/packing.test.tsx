import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { Cases } from './Cases';
import { LineTable } from './LineTable';
import { NotWhole } from './NotWhole';
import { asksWhy, becomes, caseFor, caseOf, leftOf, nextBox, scanned } from './packing';
import type { PackLine } from './packing';

const line = (type: string, more: Partial<PackLine> = {}): PackLine => ({
  type,
  title: type,
  category: 'CABLE',
  wanted: 3,
  in: 0,
  toPack: 3,
  untold: 0,
  toldApart: false,
  awaited: [],
  codes: [],
  planned: [4],
  back: 0,
  damaged: 0,
  missing: 0,
  consumed: 0,
  ...more,
});

describe('what is scanned', () => {
  it('is a code, a count of a type, or the label of a case', () => {
    expect(scanned(' BT-001\n')).toEqual({ code: 'BT-001', count: 1 });
    expect(scanned('3 x cable-12')).toEqual({ code: 'cable-12', count: 3 });
    expect(scanned('12*shim-05')).toEqual({ code: 'shim-05', count: 12 });
    expect(scanned('3x')).toEqual({ code: '3x', count: 1 });
    expect(caseOf('case 12')).toBe(12);
    expect(caseOf('CASE-3')).toBe(3);
    expect(caseOf('case-long')).toBeUndefined();
  });

  it('wants a word where something is broken or gone', () => {
    expect([asksWhy('DAMAGED'), asksWhy('MISSING'), asksWhy('BACK'), asksWhy('CONSUMED')]).toEqual([
      true,
      true,
      false,
      false,
    ]);
  });

  it('goes where the plan puts it', () => {
    expect(caseFor(line('a'), 1)).toBe(4);
    expect(caseFor(line('a', { planned: [] }), 7)).toBe(7);
    expect(nextBox([], 1)).toBe(2);
    expect([becomes('INTO_CASE', 3), becomes('OUT_OF_CASE', 3), becomes('MISSING', 0)]).toEqual([
      'in case 3',
      'out again',
      'missing',
    ]);
    expect(leftOf(line('a', { toPack: 2 }), false)).toBe(2);
    expect(leftOf(line('a', { untold: 1 }), true)).toBe(1);
  });
});

describe('the list', () => {
  it('counts what has no codes by a button, and leaves the rest to the scanner', () => {
    const onAll = vi.fn();
    render(
      <LineTable
        lines={[
          line('cable'),
          line('body', { toldApart: true }),
          line('shim', { in: 3, toPack: 0 }),
          line('rod', { in: 4, toPack: -1 }),
        ]}
        back={false}
        mayScan
        onAll={onAll}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: '3 counted' }));
    expect(onAll.mock.calls[0]?.[1]).toBe(3);
    expect(screen.getByText('done')).toBeTruthy();
    expect(screen.getByText('1 too many')).toBeTruthy();
  });

  it('tells on the way back what is broken and what is gone', () => {
    render(
      <LineTable
        lines={[line('body', { in: 2, toldApart: true, damaged: 1, missing: 1 }), line('never packed')]}
        back
        mayScan
        onAll={() => undefined}
      />,
    );
    expect(screen.getByText('1 damaged')).toBeTruthy();
    expect(screen.getByText('1 missing')).toBeTruthy();
    expect(screen.queryByText('never packed')).toBeNull();
  });
});

describe('a case', () => {
  it('says what is in it, what is to come, and when two lift it', () => {
    const onChoose = vi.fn();
    render(
      <Cases
        photosOf={(of) => <i>{of}</i>}
        boxes={[
          {
            number: 2,
            name: 'Case, long',
            contents: [{ type: 'body', title: 'Body', pieces: 1, codes: ['BD-001'] }],
            plan: [
              { type: 'body', title: 'Body', pieces: 2, codes: [] },
              { type: 'rod', title: 'Rods', pieces: 1, codes: [] },
            ],
            grams: 21400,
            unweighed: 1,
            forTwo: true,
          },
        ]}
        chosen={2}
        onChoose={onChoose}
      />,
    );
    expect(screen.getByText('BD-001')).toBeTruthy();
    expect(screen.getByText(/Rods, to come/)).toBeTruthy();
    expect(screen.getByText('case:2')).toBeTruthy();
    expect(screen.getByText('lift by two')).toBeTruthy();
    expect(screen.getByText(/at least/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button'));
    expect(onChoose).toHaveBeenCalledWith(2);
  });
});

describe('what is not whole', () => {
  it('is told with what happened, and what it comes to', () => {
    render(
      <NotWhole
        photosOf={(of) => <i>{of}</i>}
        cost={120.5}
        all={[
          {
            kind: 'DAMAGED',
            title: 'Body',
            code: 'BD-001',
            pieces: 1,
            remark: 'mount scratched',
            cost: 120.5,
            who: 'Jonna Brask',
            at: '2026-11-30T10:00:00Z',
          },
          {
            kind: 'CONSUMED',
            title: 'Tape',
            code: '',
            pieces: 3,
            remark: '',
            cost: null,
            who: 'Jonna Brask',
            at: '2026-11-30T10:05:00Z',
          },
        ]}
      />,
    );
    expect(screen.getByLabelText('Not whole').textContent).toContain('BD-001: mount scratched, 120.50');
    expect(screen.getByText('piece:BD-001')).toBeTruthy();
    expect(screen.getByText('3 x')).toBeTruthy();
    expect(screen.getByText(/as far as somebody told/).textContent).toContain('120.50');
  });

  it('says so where everything came back', () => {
    render(<NotWhole photosOf={() => null} all={[]} cost={0} />);
    expect(screen.getByText(/Nothing is told of/)).toBeTruthy();
  });
});
