import { foamPieceSchema } from '@/core/documents/foamPiece';
/** What lies in the drawer of the invented workshop. */
export const foams = [
  {
    name: 'Blue XPS board, 50 mm',
    kind: 'xps',
    densityKgM3: 33,
    origin: 'measured',
    note: 'Weighed and measured, three offcuts. Skin shed 6 mm a face.',
    piece: foamPieceSchema.parse({
      samples: [
        { grams: 33.4, lengthMm: 200, widthMm: 100, stackMm: 50.2 },
        { grams: 32.6, lengthMm: 200, widthMm: 99.5, stackMm: 50.1 },
        { grams: 33.2, lengthMm: 200, widthMm: 100, stackMm: 50 },
      ],
      cornersMm: [50.2, 50.1, 49.8, 50],
      lot: 'spring delivery',
      sheetMm: { lengthMm: 1250, widthMm: 600 },
      pieces: 7,
    }),
  },
  {
    name: 'White bead board, 100 mm',
    kind: 'eps',
    densityKgM3: 20,
    origin: 'measured',
    note: 'Cold-frame panels. Fresh board: leave it a week.',
  },
  {
    name: 'Black EPP, crate pads',
    kind: 'epp',
    densityKgM3: 30,
    origin: 'label',
    note: 'From the crate maker.',
  },
  { name: 'Soft bead block', kind: 'eps', densityKgM3: 15, origin: 'measured', note: 'For the gate sign.' },
] as const;
export const spools = [
  {
    name: 'Nickel-chromium 25 gauge',
    alloy: 'nicr-80',
    diameterMm: 0.455,
    strands: 1,
    metres: 18,
    ohmPerM: 6.58,
    pricePerM: 0.9,
    note: '',
  },
  {
    name: 'Nickel-chromium 28 gauge',
    alloy: 'nicr-80',
    diameterMm: 0.321,
    strands: 1,
    metres: 9,
    ohmPerM: null,
    pricePerM: 0.6,
    note: 'Fine work.',
  },
  {
    name: 'Stainless locking wire',
    alloy: 'ss-304',
    diameterMm: 0.635,
    strands: 1,
    metres: 40,
    ohmPerM: null,
    pricePerM: 0.15,
    note: 'Cheap and soft: takes a set.',
  },
  {
    name: 'Hard leader 0.4',
    alloy: 'ss-304-hard',
    diameterMm: 0.406,
    strands: 1,
    metres: 11,
    ohmPerM: null,
    pricePerM: 0.3,
    note: '',
  },
] as const;
export const supplies = [
  {
    name: 'Laptop brick 20 V',
    supply: { kind: 'brick', volts: 20, maxAmps: 3.25 },
    control: 'none',
    have: true,
    price: null,
    note: '',
  },
  {
    name: 'Brick 15 V 5 A',
    supply: { kind: 'brick', volts: 15, maxAmps: 5 },
    control: 'pwm',
    have: true,
    price: null,
    note: 'With the small pulse dimmer.',
  },
  {
    name: 'Bench supply 32 V',
    supply: { kind: 'bench', volts: 32, maxAmps: 6 },
    control: 'volts',
    have: true,
    price: null,
    note: 'Volts and amps knobs.',
  },
  {
    name: 'Tired leisure battery',
    supply: {
      kind: 'battery',
      volts: 12,
      maxAmps: 20,
      battery: { chemistry: 'lead-acid', cells: 6, ampHours: 40, charge: 0.6 },
    },
    control: 'none',
    have: true,
    price: null,
    note: 'Holds about half of what it says.',
  },
  {
    name: 'Transformer 24 V, tap at 12',
    supply: { kind: 'transformer', volts: 24, maxAmps: null, current: 'ac', ratedVA: 80 },
    control: 'scale',
    have: true,
    price: null,
    note: 'Found unmarked: have it tested.',
  },
  {
    name: 'Brick 24 V 10 A',
    supply: { kind: 'brick', volts: 24, maxAmps: 10 },
    control: 'none',
    have: false,
    price: 28,
    note: 'Seen at the surplus shop.',
  },
] as const;
const plainControl = { frequencyHz: 1000, efficiency: 0.9, steps: null, ratedVolts: null, ratedWatts: null };
export const controls = [
  {
    name: 'Small pulse dimmer',
    control: { ...plainControl, kind: 'pwm', ratedAmps: 8 },
    have: true,
    price: null,
    note: 'No meter, a bare knob.',
  },
  {
    name: 'Buck converter board',
    control: { ...plainControl, kind: 'buck', ratedAmps: 5 },
    have: true,
    price: null,
    note: '',
  },
] as const;
export const leads = [
  {
    name: 'Red and black pair',
    areaMm2: 1.31,
    lengthMm: 3000,
    contactOhm: 0.01,
    note: 'Clamped ends, 1.5 m each way.',
  },
  { name: 'Thin bell wire', areaMm2: 0.326, lengthMm: 4000, contactOhm: 0.05, note: 'For the lamp only.' },
] as const;
