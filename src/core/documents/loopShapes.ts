/** Shapes that a loop of stiff wire is bent to. */
export const LOOP_SHAPES = ['u', 'rectangle', 'vee', 'half-round', 'slot'] as const;
export type LoopShape = (typeof LOOP_SHAPES)[number];
