'use client';
import { later } from './later';

/** The answer to a "why", loaded when it is first asked. */
export const WhyDialog = later(() => import('./WhyDialog').then((m) => m.WhyDialog));
