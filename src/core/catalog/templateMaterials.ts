/** What a template is made of. Limits and finishes: common practice, no source. */
export interface TemplateMaterial {
  readonly name: string;
  /** The hottest wire that may ride on it, °C. */
  readonly limitC: number;
  /**
   * Heat that a metre of its polished edge takes from the wire that rides on it, W/(m·K); null: none to speak of. Ours, set so that
   * what practice is content with (1.3 mm of aluminium) shows nothing and 6 mm does.
   */
  readonly contactWmK: number | null;
  readonly edge: string;
  readonly hold: string;
}

export const TEMPLATE_CATALOG = {
  card: {
    name: 'stiff card',
    limitC: 250,
    contactWmK: null,
    edge: 'Cut with a fresh blade; run thin glue into the edge and rub it down along the travel. For one or two pieces.',
    hold: 'Spray adhesive, tried on an offcut first and aired until its vapour has gone; card bends under pins.',
  },
  plywood: {
    name: 'thin plywood',
    limitC: 300,
    contactWmK: null,
    edge: 'Sand along the travel with 240 paper, harden with thin glue, sand again; wax.',
    hold: 'Pins through the holes, well below the edge; a dab of hot glue on thin parts.',
  },
  laminate: {
    name: 'plastic laminate',
    limitC: 380,
    contactWmK: null,
    edge: 'File along the travel, never across, then 400 paper until a nail slides over it.',
    hold: 'Pins through the holes, well below the edge; hot glue where a part is too thin for a pin.',
  },
  aluminium: {
    name: 'aluminium',
    limitC: 550,
    contactWmK: 1.2,
    edge: 'File along the travel, then 600 paper and a drop of oil; wipe the oil off.',
    hold: 'Pins through the holes. Metal carries current from a bare wire: pin both ends apart from each other and from the bow.',
  },
  steel: {
    name: 'sheet steel',
    limitC: 800,
    contactWmK: 0.9,
    edge: 'File along the travel, then 600 paper. No galvanised sheet: its zinc fumes.',
    hold: 'Pins through the holes. Metal carries current from a bare wire: pin both ends apart from each other and from the bow.',
  },
} as const satisfies Record<string, TemplateMaterial>;
