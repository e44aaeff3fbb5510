import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { plainNumber } from '../format/units';
import { NumberField } from './NumberField';

describe('a number as people type it', () => {
  it('has either decimal sign and either minus', () => {
    expect(plainNumber('1,5')).toBe('1.5');
    expect(plainNumber('−2.25')).toBe('-2.25');
    expect(plainNumber('1\u2009200')).toBe('1200');
    expect(plainNumber(undefined)).toBe('');
  });

  it('reaches who asked for it as a number', () => {
    const told = vi.fn();
    render(<NumberField aria-label="Slide" onChange={told} />);
    fireEvent.change(screen.getByLabelText('Slide'), { target: { value: '12,5' } });
    expect(told).toHaveBeenLastCalledWith(12.5);
  });
});
