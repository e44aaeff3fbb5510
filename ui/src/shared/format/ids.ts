/**
 * An id that nobody else has: random, in the form of a UUID of version 4. The browser's own maker of these works over
 * TLS alone; a house in its own network may have none.
 */
export function freshId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  const hex = Array.from(bytes, (b, i) => {
    if (i === 6) return ((b & 0x0f) | 0x40).toString(16);
    if (i === 8) return ((b & 0x3f) | 0x80).toString(16);
    return b.toString(16).padStart(2, '0');
  });
  const of = (from: number, to: number) => hex.slice(from, to).join('');
  return [of(0, 4), of(4, 6), of(6, 8), of(8, 10), of(10, 16)].join('-');
}
