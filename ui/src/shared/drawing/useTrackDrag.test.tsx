import { act, fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { REST, useTrackDrag } from './useTrackDrag';
import type { Slide, Track } from './useTrackDrag';

const track = (value: number): Track => ({
  key: 'box:rods:0',
  placement: 'box',
  moves: ['box'],
  title: 'slide',
  value,
  from: 0,
  to: 300,
  step: 0,
  perMm: [1, 0],
});

function Rail({ tracks, slide }: { tracks: readonly Track[]; slide: Slide }) {
  const { shown, down, move, up } = useTrackDrag(tracks, slide);
  return (
    <svg>
      <g data-testid="part" onPointerDown={down('box')} onPointerMove={move} onPointerUp={up}>
        <text>{shown ? shown.value : 'still'}</text>
      </g>
    </svg>
  );
}

// jsdom has neither: one unit of the drawing is one pixel of the screen here.
Object.assign(window.SVGElement.prototype, { getScreenCTM: () => ({ a: 1 }), setPointerCapture: () => undefined });

/** jsdom's pointer events carry no coordinates of their own: mouse events of that name do. */
const at = (type: string, x: number) =>
  fireEvent(screen.getByTestId('part'), new MouseEvent(type, { bubbles: true, clientX: x, clientY: 0, button: 0 }));

describe('a part in the hand', () => {
  it('is tried where the pointer rests, once, and not while it moves', () => {
    vi.useFakeTimers();
    const onRest = vi.fn();
    render(<Rail tracks={[track(100)]} slide={{ onDrop: () => Promise.resolve(), onRest }} />);
    at('pointerdown', 0);
    at('pointermove', 10);
    act(() => void vi.advanceTimersByTime(REST - 1));
    at('pointermove', 20);
    act(() => void vi.advanceTimersByTime(REST - 1));
    expect(onRest).not.toHaveBeenCalled();
    act(() => void vi.advanceTimersByTime(1));
    expect(onRest.mock.calls).toEqual([['box:rods:0', 120]]);
    vi.useRealTimers();
  });

  it('stays where it was let go until the new drawing is there', () => {
    const onDrop = vi.fn(() => Promise.resolve());
    const slide = { onDrop };
    const old = [track(100)];
    const { rerender } = render(<Rail tracks={old} slide={slide} />);
    at('pointerdown', 0);
    at('pointermove', 25);
    at('pointerup', 25);
    expect(onDrop).toHaveBeenCalledWith('box:rods:0', 125);
    expect(screen.getByTestId('part').textContent).toBe('125');
    rerender(<Rail tracks={[track(125)]} slide={slide} />);
    expect(screen.getByTestId('part').textContent).toBe('still');
  });

  it('goes back when the change is refused, and a click is no change', async () => {
    const onDrop = vi.fn(() => Promise.reject(new Error('stale')));
    render(<Rail tracks={[track(100)]} slide={{ onDrop }} />);
    at('pointerdown', 5);
    at('pointerup', 5);
    expect(onDrop).not.toHaveBeenCalled();
    at('pointerdown', 0);
    at('pointermove', 25);
    await act(async () => {
      at('pointerup', 25);
      await Promise.resolve();
    });
    expect(screen.getByTestId('part').textContent).toBe('still');
  });
});
