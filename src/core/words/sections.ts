import type { Section } from '../documents/section';

/** Kinds of section, as they are chosen. */
export const SECTION_NAMES: Readonly<Record<Section['kind'], string>> = {
  naca: 'NACA digits',
  points: 'from a file',
  rectangle: 'rectangle',
  circle: 'circle',
  'half-round': 'half round',
  trapezium: 'trapezium',
};
