import { fireEvent, screen, within } from '@testing-library/react';

/** Chooses an option of a select by its words, as a person with a mouse does. */
export function pick(label: string, option: string): void {
  const box = screen.getByRole('combobox', { name: label });
  fireEvent.mouseDown(box);
  const list = document.querySelector('.ant-select-dropdown:not(.ant-select-dropdown-hidden)');
  if (!(list instanceof HTMLElement)) throw new Error(`${label} opens no list`);
  fireEvent.click(within(list).getByTitle(option));
}

/** The words of what a select shows as chosen. */
export function picked(label: string): string {
  return screen.getByRole('combobox', { name: label }).closest('.ant-select')?.textContent ?? '';
}

/** The words a select offers. */
export function offered(label: string): (string | null)[] {
  fireEvent.mouseDown(screen.getByRole('combobox', { name: label }));
  return [...document.querySelectorAll('.ant-select-item-option')].map((o) => o.getAttribute('title'));
}
