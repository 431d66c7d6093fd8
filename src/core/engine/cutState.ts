/** The wire while it cuts: amps, °C outside and inside the foam, heat into the foam W/m, kerf m, feed m/s. */
export interface CutState {
  readonly amps: number;
  readonly airC: number;
  readonly foamC: number;
  readonly heat: number;
  readonly width: number;
  readonly feed: number;
  /** The kerf shelters the wire no hotter than still air would leave it. */
  readonly capped: boolean;
}
