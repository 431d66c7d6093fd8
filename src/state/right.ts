let looksOnly = false;

/** What is refused to a device that may only look. */
export const LOOK_ONLY = 'this device may look only; the right to work is given at the desk';

/** Says once, before anything is edited, that this device may only look. The server refuses it in any case. */
export function setLooksOnly(is: boolean): void {
  looksOnly = is;
}
export const mayWork = (): boolean => !looksOnly;
