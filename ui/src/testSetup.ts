import { cleanup, configure } from '@testing-library/react';
import { afterEach, vi } from 'vitest';

// jsdom has no media queries and no layout; the component kit asks for both.
window.matchMedia = vi.fn().mockImplementation((query: string) => ({
  matches: false,
  media: query,
  addListener: vi.fn(),
  removeListener: vi.fn(),
  addEventListener: vi.fn(),
  removeEventListener: vi.fn(),
  dispatchEvent: vi.fn(),
}));
window.ResizeObserver = class {
  observe() {}
  unobserve() {}
  disconnect() {}
};
// Whether an element is hidden is asked of its computed style, which jsdom works out anew each time: seconds a test.
configure({ defaultHidden: true });
afterEach(cleanup);

// Nothing scrolls where nothing is laid out.
Element.prototype.scrollIntoView = () => undefined;
