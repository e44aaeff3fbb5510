import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { HandOver } from './HandOver';
import { Signed } from './Signed';

const nothing = {} as Schemas['Dispatch'];
const of = (more: Partial<Schemas['Dispatch']>): Schemas['Dispatch'] => ({
  ...nothing,
  job: 'kiln',
  revision: 4,
  signatures: [{ who: 'Jonna Brask', when: '2026-11-30T10:00:00Z' }],
  seal: null,
  handedOver: null,
  ...more,
});

describe('what was signed', () => {
  it('is told by its seal, with the papers as they were', () => {
    render(<Signed d={of({ seal: { sum: '0123456789abcdef'.repeat(4), papers: ['pull-list.pdf'], changed: [] } })} />);
    expect(screen.getByText('0123 4567 89ab cdef')).toBeTruthy();
    expect(screen.getByRole('link').getAttribute('href')).toBe('/api/jobs/kiln/signed/pull-list.pdf');
    expect(screen.getByText('as signed')).toBeTruthy();
  });

  it('is told where it is another by now', () => {
    render(<Signed d={of({ seal: { sum: '0'.repeat(64), papers: [], changed: ['the kit', 'A camera'] } })} />);
    expect(screen.getByText('not as signed')).toBeTruthy();
    expect(screen.getByText(/the kit, A camera/)).toBeTruthy();
  });

  it('says who took it over, and whether it was signed for', () => {
    const over = { to: 'Ada', drawn: '', by: 'Jonna Brask', at: '2026-11-30T11:00:00Z' };
    const { rerender } = render(<Signed d={of({ handedOver: over })} />);
    expect(screen.getByText('not signed for')).toBeTruthy();
    rerender(<Signed d={of({ handedOver: { ...over, drawn: 'M1 1L20 20' } })} />);
    expect(screen.getByRole('img', { name: 'Signature of Ada' })).toBeTruthy();
  });
});

describe('handing over', () => {
  it('wants a name, and keeps what is drawn in units of the field', () => {
    const given = vi.fn();
    render(<HandOver pieces={40} cases={3} busy={false} onHandOver={given} onClose={vi.fn()} />);
    const done = screen.getByRole('button', { name: 'Hand over and dispatch' });
    expect(done.hasAttribute('disabled')).toBe(true);
    fireEvent.change(screen.getByRole('textbox'), { target: { value: ' Ada ' } });
    const pad = screen.getByRole('img', { name: /Field to sign on/ });
    pad.setPointerCapture = vi.fn();
    pad.getBoundingClientRect = () => ({ left: 10, top: 20, width: 300, height: 100 }) as DOMRect;
    const at = (x: number, y: number) => ({ clientX: x, clientY: y, pointerId: 1 });
    fireEvent.pointerMove(pad, at(50, 50));
    fireEvent.pointerDown(pad, at(20, 30));
    fireEvent.pointerMove(pad, at(20.5, 30));
    fireEvent.pointerMove(pad, at(110, 70));
    fireEvent.pointerMove(pad, at(900, 900));
    fireEvent.pointerUp(pad);
    fireEvent.pointerMove(pad, at(60, 60));
    fireEvent.click(done);
    expect(given).toHaveBeenCalledWith({ to: 'Ada', drawn: 'M20 20L200 100L599 199' });
    fireEvent.click(screen.getByRole('button', { name: 'Wipe' }));
    fireEvent.click(done);
    expect(given).toHaveBeenLastCalledWith({ to: 'Ada', drawn: '' });
  });
});
