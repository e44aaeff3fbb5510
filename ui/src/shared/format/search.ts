/** Whether a text has every word of a search, in any order and case; a search without words finds everything. */
export function hasWords(text: string, search: string): boolean {
  const plain = text.toLowerCase();
  return search
    .toLowerCase()
    .split(/\s+/)
    .every((word) => plain.includes(word));
}
