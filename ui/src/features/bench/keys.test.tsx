import { fireEvent, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { useBenchKeys } from './useBenchKeys';
import type { BenchActions } from './useBenchKeys';

const slide = (key: string) => ({
  key,
  title: 'slide',
  value: 10,
  from: 0,
  to: 50,
  step: 0,
  unit: 'mm',
  byFeel: false,
});
const bench = {
  stack: [
    { placement: 'handle', title: 'Handle', settings: [slide('handle:rail:0')] },
    { placement: 'bracket', title: 'Bracket', settings: [slide('bracket:rail:0')] },
    { placement: 'body', title: 'Body', settings: [] },
  ],
  lens: 'b',
  lenses: [{ id: 'a' }, { id: 'b' }, { id: 'c' }],
} as unknown as Schemas['Bench'];

function hands(over: Partial<BenchActions> = {}) {
  const names = ['choose', 'set', 'askRemove', 'undo', 'redo', 'openFit', 'view', 'lens', 'budget', 'balance'];
  const rest = [
    'hands',
    'left',
    'checked',
    'configure',
    'tell',
    'measure',
    'zoom',
    'fit',
    'gather',
    'removeSaying',
    'byHand',
  ];
  const spies = Object.fromEntries([...names, ...rest].map((n) => [n, vi.fn()]));
  return { canEdit: true, measuring: false, gathered: [], ...spies, ...over } as unknown as BenchActions &
    Record<string, ReturnType<typeof vi.fn>>;
}

const press = (key: string, more: object = {}) => fireEvent.keyDown(document.body, { key, ...more });

describe('the Bench by keyboard', () => {
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => vi.useRealTimers());

  it('walks the stack faster than the screen is drawn', () => {
    const a = hands();
    renderHook(() => useBenchKeys(bench, 'handle', a, false));
    press('ArrowDown');
    press('ArrowDown');
    press('ArrowDown');
    expect(a.choose).toHaveBeenNthCalledWith(1, 'bracket');
    expect(a.choose).toHaveBeenNthCalledWith(2, 'body');
    expect(a.choose).toHaveBeenNthCalledWith(3, 'body');
  });

  it('takes off together what was chosen together', () => {
    const a = hands();
    const { rerender } = renderHook(({ now }) => useBenchKeys(bench, 'handle', now, false), {
      initialProps: { now: a },
    });
    press('v');
    expect(a.gather).toHaveBeenCalledWith('handle');
    const two = hands({ gathered: ['handle', 'bracket'] });
    rerender({ now: two });
    press('Delete');
    expect(two.removeSaying).toHaveBeenCalledWith(['handle', 'bracket'], '2 parts');
    expect(two.askRemove).not.toHaveBeenCalled();
    press('Escape');
    expect(two.gather).toHaveBeenCalledWith('');
  });

  it('moves to the other side and adds one more by a key each', () => {
    const a = hands();
    renderHook(() => useBenchKeys(bench, 'handle', a, false));
    press('o');
    press('e');
    expect(a.byHand).toHaveBeenNthCalledWith(1, 'handle', 'Handle', 'OTHER_SIDE');
    expect(a.byHand).toHaveBeenNthCalledWith(2, 'handle', 'Handle', 'DUPLICATE');
  });

  it('gathers pushes of one slide, and loses none when another is pushed', () => {
    const a = hands();
    renderHook(() => useBenchKeys(bench, 'handle', a, false));
    press('ArrowRight');
    press('ArrowRight', { shiftKey: true });
    expect(a.set).not.toHaveBeenCalled();
    press('ArrowDown');
    press('ArrowLeft', { altKey: true });
    expect(a.set).toHaveBeenCalledWith('handle:rail:0', 21);
    vi.advanceTimersByTime(400);
    expect(a.set).toHaveBeenCalledTimes(2);
    expect(a.set).toHaveBeenLastCalledWith('bracket:rail:0', 9.9);
  });

  it('pushes nothing for who may only look', () => {
    const a = hands({ canEdit: false });
    renderHook(() => useBenchKeys(bench, 'handle', a, false));
    expect(press('ArrowRight')).toBe(true);
    vi.advanceTimersByTime(400);
    expect(a.set).not.toHaveBeenCalled();
  });

  it('changes the lens, undoes, redoes, looks from the front', () => {
    const a = hands();
    renderHook(() => useBenchKeys(bench, '', a, false));
    press('[');
    expect(a.lens).toHaveBeenCalledWith('a');
    press('z', { ctrlKey: true });
    expect(a.undo).toHaveBeenCalledOnce();
    press('Z', { ctrlKey: true, shiftKey: true });
    expect(a.redo).toHaveBeenCalledOnce();
    press('3');
    expect(a.view).toHaveBeenCalledWith('FRONT');
  });

  it('says what is missing when there is no part to add to, and takes nothing off', () => {
    const a = hands();
    renderHook(() => useBenchKeys(bench, '', a, false));
    press('f');
    expect(a.tell).toHaveBeenCalledWith('Choose a part first: f adds one to it.');
    expect(press('Delete')).toBe(true);
    expect(a.askRemove).not.toHaveBeenCalled();
  });

  it('is quiet while a dialog is open or somebody types', () => {
    const a = hands();
    const { rerender } = renderHook(({ off }) => useBenchKeys(bench, 'handle', a, off), {
      initialProps: { off: true },
    });
    press('f');
    expect(a.openFit).not.toHaveBeenCalled();
    rerender({ off: false });
    const field = document.body.appendChild(document.createElement('input'));
    fireEvent.keyDown(field, { key: 'f' });
    expect(a.openFit).not.toHaveBeenCalled();
    field.remove();
    press('f');
    expect(a.openFit).toHaveBeenCalledWith('handle');
  });
});
