import { rigSchema, type Rig, type RigInput } from '../documents/rig';

type Loose = { [K in keyof RigInput]?: Partial<Extract<RigInput[K], object>> | RigInput[K] };

/** A plain legal rig for tests, with parts of it replaced whole group by group. */
export function testRig(parts: Loose = {}): Rig {
  const base = {
    format: 'upwind-rod/rig',
    version: 1,
    frame: { kind: 'bow' },
    wire: { alloy: 'nicr-80', diameterMm: 0.455, lengthMm: 1050 },
    supply: { kind: 'bench', volts: 60, maxAmps: 30 },
    control: { kind: 'volts', setting: 18.5 },
    foam: { kind: 'eps', densityKgM3: 20, widthMm: 630 },
  };
  const merged: Record<string, unknown> = { ...base };
  for (const [key, part] of Object.entries(parts)) {
    const was = merged[key];
    merged[key] = typeof was === 'object' && typeof part === 'object' ? { ...was, ...part } : part;
  }
  return rigSchema.parse(merged);
}
