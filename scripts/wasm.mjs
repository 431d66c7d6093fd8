import v8 from 'node:v8';

/**
 * How much of a function of the embedded database runs before the runtime optimises it, in the runtime's own measure; its own value is
 * 1 800 000. With that a start kept four threads busy with functions that a workshop runs a few times: a third of all its work
 * (measured, Node 20: 5.4 → 3.9 s of the processors until 5 s after the first answer, which comes a tenth sooner). What is asked for
 * often is optimised as before, only later.
 */
export const LATE = '--wasm-tiering-budget=100000000';

/** Sets it: before any code is compiled that is kept, which is known by the flags it was compiled with. */
export const optimiseLate = () => v8.setFlagsFromString(LATE);
