import NextLink from 'next/link';
import type { ComponentProps } from 'react';

/**
 * A link to another page of the program. Its page is fetched when it is followed: each is drawn by the server as it stands then, so that
 * asking for all that a page links to ahead brings none of them sooner, and takes twice as much of the server as the page (measured).
 */
export const Link = (p: ComponentProps<typeof NextLink>) => <NextLink {...p} prefetch={false} />;
