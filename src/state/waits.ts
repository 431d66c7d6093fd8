/** By this the browser remembers that something waits to be sent. */
export const WAITS = 'upwind-waits';
