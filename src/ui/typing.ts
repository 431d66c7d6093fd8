/** Whether a key was pressed while somebody types in a field, where letters mean letters. */
export function typing(e: KeyboardEvent): boolean {
  const el = e.target;
  if (!(el instanceof HTMLElement)) return false;
  if (el instanceof HTMLInputElement)
    return el.type !== 'range' && el.type !== 'checkbox' && el.type !== 'radio';
  return el instanceof HTMLTextAreaElement || el instanceof HTMLSelectElement || el.isContentEditable;
}
