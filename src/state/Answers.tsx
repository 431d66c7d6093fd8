'use client';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { NotDone } from './ask';

/** A request that never got an answer is made again so often. */
const RETRIES = 2;
/** An answer counts as new for this long, ms. */
const FRESH_MS = 2000;

/** Whether it may be otherwise in a moment: no answer at all, or a server that is busy or starting. */
const notNow = (o: NotDone['outcome']) => o.kind === 'lost' || (o.kind === 'refused' && o.status === 503);

/** What the pages keep of the server's answers: for everything below. */
export function Answers({ children }: { children: ReactNode }) {
  const [client] = useState(
    () =>
      new QueryClient({
        defaultOptions: {
          queries: {
            // Our own server may be there though the browser counts itself offline.
            networkMode: 'always',
            staleTime: FRESH_MS,
            retry: (failed, fault) => fault instanceof NotDone && notNow(fault.outcome) && failed < RETRIES,
          },
          mutations: { networkMode: 'always', retry: false },
        },
      }),
  );
  return <QueryClientProvider client={client}>{children}</QueryClientProvider>;
}
