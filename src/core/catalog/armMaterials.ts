/** What arms, posts and bars are made of. */
export const ARM_MATERIALS = ['aluminium', 'steel', 'pine', 'plywood', 'pvc'] as const;
export type ArmMaterial = (typeof ARM_MATERIALS)[number];

/** What an arm is made of. */
export interface ArmStuff {
  readonly name: string;
  /** Young's modulus, Pa. */
  readonly youngs: number;
  /** Stress that it bears in bending without a set or a crack, Pa. */
  readonly strength: number;
  readonly metal: boolean;
  /** Share of its pull that is gone within an hour. */
  readonly creeps: number;
}

/**
 * Moduli: MACHINES.md section 2, handbook values from memory. Strengths from memory: yield of EN AW-6060 T66 (EN 755-2) and of S235
 * (EN 10025-2), bending strength of C24 softwood (EN 338); plywood and PVC pipe typical. Creep of PVC: common practice, no source.
 */
export const ARM_STUFF: Readonly<Record<ArmMaterial, ArmStuff>> = Object.freeze({
  aluminium: { name: 'aluminium', youngs: 69e9, strength: 160e6, metal: true, creeps: 0 },
  steel: { name: 'steel', youngs: 200e9, strength: 235e6, metal: true, creeps: 0 },
  pine: { name: 'pine', youngs: 9e9, strength: 24e6, metal: false, creeps: 0 },
  plywood: { name: 'plywood', youngs: 8e9, strength: 30e6, metal: false, creeps: 0 },
  pvc: { name: 'PVC pipe', youngs: 2.9e9, strength: 45e6, metal: false, creeps: 1 / 3 },
});
