/** This tab, so that it is not told of what it did itself. Random is enough: nobody is let in by it. */
export const TAB = Array.from({ length: 4 }, () => Math.random().toString(36).slice(2, 8).padEnd(6, '0')).join('-');
