import { describe, expect, it } from 'vitest';
import { pointed, viewOf } from './making';

describe('a face placed on the drawing', () => {
  it('is placed on the drawing that shows its side', () => {
    expect(viewOf('TOP')).toBe('ABOVE');
    expect(viewOf('BOTTOM')).toBe('ABOVE');
    expect(viewOf('REAR')).toBe('FRONT');
    expect(viewOf('RIGHT')).toBe('LEFT');
  });

  it('lies where it was pointed at, in the part’s own directions', () => {
    // From above camera left is at left on paper, from the left the front is.
    expect(pointed('ABOVE', -12, 30)).toEqual({ across: 12, along: 30 });
    expect(pointed('LEFT', -40, 8)).toEqual({ across: 40, along: 8 });
    expect(pointed('FRONT', 15, 8)).toEqual({ across: 15, along: 8 });
  });
});
