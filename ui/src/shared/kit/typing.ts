/** Whether keys go into a field or a dialog: then they are not commands. */
export function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    target.closest('input, textarea, select, [contenteditable], .ant-select, .ant-modal') !== null
  );
}
