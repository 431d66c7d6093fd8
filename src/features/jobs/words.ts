import type { JobKind, MadeKind } from '@/core/documents/jobKinds';
import type { LoopShape } from '@/core/documents/loopShapes';
import type { Role } from '@/core/units/profile';
import { SHAPE_NAMES } from '@/core/words/jobSteps';

/** What stands before the first job of a cutter is planned. */
export const FIRST_WORDS =
  'Say what is to be made: then every position with the kerf allowed for, the steps, the parts and the time are worked out for this rig.';

export const NEW_WORDS: Readonly<Record<MadeKind, string>> = {
  sheets: 'Plan sheets',
  strips: 'Plan strips',
  disc: 'Plan a disc or ring',
  cutout: 'Plan a cut-out or shape',
  groove: 'Plan a groove',
  segments: 'Plan segments',
  outline: 'Plan parts by motors',
  core: 'Plan a core by motors',
  turned: 'Plan a turned piece',
  comb: 'Plan a test comb',
};

export const BY_NAMES = { spacers: 'Spacers under the wire', screw: 'A screw at each end' } as const;
export type By = keyof typeof BY_NAMES;
export const LOOP_NAMES: Readonly<Record<LoopShape, string>> = SHAPE_NAMES;

/** From where the place of a piece is measured to the middle of the wire or of the loop. */
export const PLACES: Readonly<Record<MadeKind, string>> = {
  sheets: 'Board to wire',
  strips: 'Edge of board to cut',
  disc: 'Pin to wire',
  cutout: 'Place',
  groove: 'Edge to middle',
  segments: 'Stop to wire',
  outline: 'Place',
  core: 'Place',
  turned: 'Place',
  comb: 'Bed to cut',
};

/** A figure of a worksheet: its label, and what its number counts. `turns`: a bare number with two decimals, `whole`: one without. */
export interface FigureOf {
  readonly key: string;
  readonly label: string;
  readonly role: Role | 'turns' | 'whole';
}
const of = (key: string, label: string, role: FigureOf['role']): FigureOf => ({ key, label, role });
const CUT = [
  of('kerfMm', 'Kerf', 'slot'),
  of('feedMmS', 'Feed', 'feed'),
  of('openVolts', 'Battery, open', 'volts'),
  of('loadedVolts', 'Battery, under load', 'volts'),
];

/** The figures that each kind of job is set and judged by, the settings first. Those that are not there are left out. */
export const FIGURES: Readonly<Record<JobKind, readonly FigureOf[]>> = {
  sheets: [
    of('spacerMm', 'Spacers', 'slot'),
    of('turns', 'Turns from the board', 'turns'),
    of('cards', 'Cards in a strip', 'whole'),
    of('axisMm', 'Wire over board', 'slot'),
    of('count', 'Sheets in the block', 'whole'),
    of('wasteMm', 'Left over', 'foamSize'),
    of('sheetG', 'A sheet weighs', 'mass'),
    of('batchG', 'All of them', 'mass'),
    of('slideDeg', 'Slides at', 'angle'),
    of('kerfSeenMm', 'Kerf by the stack', 'slot'),
    of('sheetsPerCharge', 'Sheets a set or charge', 'whole'),
    ...CUT,
  ],
  strips: [
    of('fenceMm', 'Fence to wire', 'foamSize'),
    of('anchorShiftMm', 'Anchor moves', 'foamSize'),
    of('wireMm', 'Wire, tilted', 'wireLength'),
    of('foamAlongWireMm', 'Foam along wire', 'foamSize'),
    of('count', 'Strips in the board', 'whole'),
    of('wasteMm', 'Left over', 'foamSize'),
    of('squareErrorDeg', 'Out of square', 'angle'),
    ...CUT,
  ],
  disc: [
    of('pinMm', 'Pin to wire', 'foamSize'),
    of('holePinMm', 'Pin, for the hole', 'foamSize'),
    of('secondsPerTurn', 'One turn', 'time'),
    of('holeSecondsPerTurn', 'Turn of the hole', 'time'),
    of('topRadiusMm', 'Radius at the top', 'foamSize'),
    of('anchorShiftMm', 'Anchor moves', 'foamSize'),
    ...CUT,
  ],
  cutout: [
    of('templateMm', 'Template allowance', 'slot'),
    of('insetMm', 'Edge to wire, middle', 'slot'),
    of('pathMm', 'Way round', 'foamSize'),
    of('tensionN', 'Tension to return to', 'force'),
    of('pluckHz', 'Note, plucked', 'pitch'),
    of('takeUpMm', 'Travel of the take-up', 'depth'),
    ...CUT,
  ],
  groove: [
    of('loopMm', 'Loop, outside', 'foamSize'),
    of('wireMm', 'Wire for it', 'wireLength'),
    of('collarMm', 'Collar over foot', 'foamSize'),
    of('passes', 'Passes', 'whole'),
    of('grooveWidthMm', 'Groove', 'foamSize'),
    of('tipMm', 'Foot trails', 'slot'),
    of('stressMPa', 'Stress, hot', 'stress'),
    of('allowedMPa', 'Allowed', 'stress'),
    of('deepestMm', 'Deepest so', 'foamSize'),
    of('volts', 'Volts at the wire', 'volts'),
    ...CUT,
  ],
  segments: [
    of('count', 'Segments', 'whole'),
    of('boards', 'Stock boards', 'whole'),
    of('wasteMm', 'Waste', 'foamSize'),
    of('secondsPerCut', 'One cut', 'time'),
    of('openMm', 'Row opens', 'slot'),
    of('openTurnedMm', 'Turned over', 'slot'),
    of('closingGapMm', 'Ring gapes', 'slot'),
    of('leanN', 'Leans on guides', 'force'),
    ...CUT,
  ],
  outline: [
    of('partCount', 'Parts', 'whole'),
    of('holeCount', 'Holes', 'whole'),
    of('pathMm', 'Way through foam', 'foamSize'),
    of('bridgesMm', 'Slit, gone twice', 'slot'),
    of('stretchMm', 'Wire stretches', 'slot'),
    ...CUT,
  ],
  core: [
    of('rootOffMm', 'Deviation, root', 'slot'),
    of('middleOffMm', 'Deviation, middle', 'slot'),
    of('tipOffMm', 'Deviation, tip', 'slot'),
    of('pathMm', 'Way through foam', 'foamSize'),
    of('stretchMm', 'Wire stretches', 'slot'),
    ...CUT,
  ],
  turned: [
    of('sides', 'Sides', 'whole'),
    of('turnDeg', 'Turned between', 'angle'),
    of('safeMm', 'Wire while it turns', 'foamSize'),
    of('pathMm', 'Way through foam', 'foamSize'),
    ...CUT,
  ],
  comb: [
    of('slotCount', 'Cuts', 'whole'),
    of('narrowMm', 'Narrowest kerf', 'slot'),
    of('wideMm', 'Widest kerf', 'slot'),
    ...CUT,
  ],
  build: [
    of('betweenMm', 'Wire, end to end', 'wireLength'),
    of('openMm', 'Opening', 'foamSize'),
    of('boltOffMm', 'Bolt off the hole', 'slot'),
    of('rateNPerMm', 'Arm, stiffness', 'stiffness'),
    of('gapMm', 'Gives at the tension', 'foamSize'),
    of('pullN', 'Pulls, cold', 'force'),
    of('hotN', 'Pulls, hot', 'force'),
    of('stressMPa', 'Stress at the root', 'stress'),
    of('allowedMPa', 'Allowed', 'stress'),
    of('leastSupportsMm', 'Supports at least', 'foamSize'),
    of('inFoamMm', 'Of that in the foam', 'wireLength'),
    of('coolMm', 'Cool, each leg', 'wireLength'),
    of('volts', 'Volts at the wire', 'volts'),
  ],
};

export const SECTION_NAMES = { bar: 'Flat or square bar', tube: 'Tube or rod' } as const;
export const ARM_NAMES = {
  pine: 'pine',
  plywood: 'plywood',
  aluminium: 'aluminium',
  steel: 'steel',
  pvc: 'PVC pipe',
} as const;
export const HEIGHT_NAMES = { spacers: 'Spacer strips', screw: 'A screw at each end' } as const;
/** What stands before the sizes of a cutter are chosen. */
export const BUILD_WORDS =
  'Choose its sizes: then the parts with their cut lengths and holes, what to buy, and what the wire and its tension ask of the frame are worked out for this rig.';

export const KEEP_NAMES = { hole: 'the block with its hole', piece: 'the piece that comes out' } as const;
