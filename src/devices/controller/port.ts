/** What a controller is doing. `waiting`: a pause of the program until a hand has done something; `alarm`: it stopped itself. */
export const CONTROLLER_STATES = ['ready', 'running', 'held', 'waiting', 'stopped', 'alarm'] as const;
export type ControllerState = (typeof CONTROLLER_STATES)[number];

/** What it reports when it is asked. Lengths mm in work coordinates, in the order of the machine's axes; s. */
export interface ControllerReport {
  readonly state: ControllerState;
  /** Last line that is done, from 1; 0 before the first. */
  readonly line: number;
  /** Where it believes its axes are. */
  readonly at: readonly number[];
  /** Share of full heat. */
  readonly heat: number;
  /** Since the first line began, holds among them. */
  readonly seconds: number;
  /** Lines that it can still take. */
  readonly room: number;
  /** What made it stop itself, in words; else null. */
  readonly why: string | null;
}
export type LineReply = { readonly ok: true } | { readonly ok: false; readonly why: string };

/** The link to a controller is gone: it neither takes lines nor answers. */
export class LinkLost extends Error {
  constructor() {
    super('The link to the controller is gone.');
  }
}

/** A motion controller: takes lines one by one, answers each, and does them in their order. Throws {@link LinkLost}. */
export interface ControllerPort {
  /** One line of code; refused where it is none, or where there is no room for it. */
  readonly send: (line: string) => Promise<LineReply>;
  readonly report: () => Promise<ControllerReport>;
  /** Motors stand, the heat stays as it is. */
  readonly hold: () => Promise<void>;
  /** Goes on after a hold or a pause. */
  readonly resume: () => Promise<void>;
  /** Motors and heat off at once; what was taken is forgotten. */
  readonly stop: () => Promise<void>;
  /** All axes home, whatever was wrong put right; ready for a new program. */
  readonly home: () => Promise<void>;
}

/** What can be made to go wrong with the stand-in, at a line of the program. */
export const CONTROLLER_FAULTS = ['lost-steps', 'switch', 'refused', 'link'] as const;
export type ControllerFault = (typeof CONTROLLER_FAULTS)[number];
export interface Injected {
  readonly fault: ControllerFault;
  /** From 1. */
  readonly line: number;
}
