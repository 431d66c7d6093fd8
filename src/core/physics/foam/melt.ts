import type { FoamHeat } from '../../catalog/foams';
import { heatForHalfWidth, slotHalfWidth } from './slotCurve';

/** A foam as the moving wire meets it: flow temperature °C, diffusivity a m²/s (with the tuning in it), k·ΔT. */
export interface Melt {
  readonly flowC: number;
  readonly fumeC: number;
  /** Apparent diffusivity k/(ρ·c·κ), m²/s. */
  readonly diffusivity: number;
  /** 2π·k·(T_flow − airC), W/m: the heat that makes Q one. */
  readonly unitHeat: number;
}

/**
 * Foam of a density (kg/m³) and tuning factor κ at air temperature airC.
 * c = H/(T_flow−20) is fixed, so that the heat from room air is c·(T_flow−airC); a = k/(ρ·c·κ).
 */
export function melt(foam: FoamHeat, density: number, tuning: number, airC: number): Melt {
  const c = foam.heatToFlow / (foam.flowC - 20);
  return {
    flowC: foam.flowC,
    fumeC: foam.fumeC,
    diffusivity: foam.conductivity / (density * c * tuning),
    unitHeat: 2 * Math.PI * foam.conductivity * (foam.flowC - airC),
  };
}

/** Full width in m of the kerf for heat q W/m at feed v m/s: w = 4aY(Q)/v. */
export function slotWidth(m: Melt, q: number, feed: number): number {
  return (4 * m.diffusivity * slotHalfWidth(q / m.unitHeat)) / feed;
}

/** Feed in m/s at which heat q W/m melts a kerf of full width w metres. */
export function feedForSlot(m: Melt, q: number, width: number): number {
  return (4 * m.diffusivity * slotHalfWidth(q / m.unitHeat)) / width;
}

/** Heat in W/m that melts a kerf of full width w metres at feed v m/s. */
export function heatForSlot(m: Melt, width: number, feed: number): number {
  return m.unitHeat * heatForHalfWidth((width * feed) / (4 * m.diffusivity));
}
