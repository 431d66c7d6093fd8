'use client';
import dynamic from 'next/dynamic';

/** The answer to a "why", loaded when it is first asked. */
export const WhyDialog = dynamic(() => import('./WhyDialog').then((m) => m.WhyDialog), { ssr: false });
