/** A bow as a document, under a name: what the tests of saving and keeping save. */
export const sampleRig = (name: string) => ({
  format: 'upwind-rod/rig',
  version: 1,
  name,
  frame: { kind: 'bow' },
  wire: { alloy: 'nicr-80', diameterMm: 0.455, lengthMm: 1050 },
  supply: { kind: 'bench', volts: 32, maxAmps: 6 },
  control: { kind: 'volts', setting: 18.5 },
  foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
});

/** A backup as a document, with so many rigs of one name. */
export const sampleBackup = (name: string, rigs: number) => ({
  format: 'upwind-rod/backup',
  version: 1,
  madeAt: '2026-05-02T18:10:00Z',
  ...{ foams: [], spools: [], supplies: [], controls: [], leads: [], cuts: [], pulls: [] },
  rigs: Array.from({ length: rigs }, (_, i) => ({
    id: `${name}-${i}`,
    doc: sampleRig(name),
    updatedAt: '2026-05-02T18:10:00Z',
  })),
});

/** A JPEG of eight by eight pixels. */
export const SMALL_JPEG = Buffer.from(
  'ffd8ffe000104a46494600010100000100010000ffc0000b08000800080101011100ffd9',
  'hex',
);
