import { runSchema, type RunEvent } from '../../documents/event';

/** A called cut that was made with heat and to the end, in tests. */
export const ran = (over: object): RunEvent =>
  runSchema.parse({
    kind: 'run',
    at: '2026-10-01T10:00:00Z',
    planId: 'p',
    plan: 'Core',
    hand: 'right',
    piece: 1,
    rehearsal: false,
    finished: true,
    plannedS: 100,
    heldS: 110,
    pace: 1.1,
    note: '',
    ...over,
  });
