import { render } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { Cables } from './Layers';

const cable = (id: string, met: boolean): Schemas['DrawingView']['cables'][number] => ({
  id,
  ends: ['body', id],
  title: id,
  carries: 'PICTURE',
  way: [0, 0, 0, 100, 50, 100],
  words: '140 of 300 mm',
  met,
});
const show = (of: string) =>
  render(
    <svg>
      <Cables
        drawing={{ cables: [cable('screen', true), cable('finder', false)] } as unknown as Schemas['DrawingView']}
        of={of}
        text={10}
      />
    </svg>,
  ).container;

describe('the cables’ layer', () => {
  it('draws every way and writes the length of what is too short', () => {
    const drawn = show('-');
    expect(drawn.querySelectorAll('.cables path')).toHaveLength(2);
    expect(drawn.querySelectorAll('.cables text')).toHaveLength(1);
    expect(drawn.querySelector('.short text')?.textContent).toBe('140 of 300 mm');
  });

  it('writes it for the part that is pointed at too, on the longest stretch', () => {
    const drawn = show('screen');
    expect(drawn.querySelectorAll('.cables text')).toHaveLength(2);
    expect(drawn.querySelector('.picture:not(.short) text')?.getAttribute('y')).toBe('-53');
  });
});
