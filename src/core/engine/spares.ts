import type { Drawer } from '../documents/drawer';
import type { FindingCode } from '../documents/reading';
import { tidy, type Patch } from './findings/draft';
import { lengthForFastest, settingForFastest } from './need';
import { merge } from './merge';
import { setUp } from './setup';
import type { Evaluation } from './evaluation';

/** What lies in the drawer beside the rig. */
export type Spares = Pick<Drawer, 'supplies' | 'wires'>;

/** Findings that another supply or another control may end, and those that another wire may. */
const BY_SUPPLY: ReadonlySet<FindingCode> = new Set([
  'supply-overload', 'pulse-peak-overload', 'supply-near-limit', 'supply-volts-short', 'touch-voltage', 'mains-direct',
  'not-isolated', 'wire-too-cold', 'heat-too-high', 'battery-short', 'battery-weak', 'wire-too-hot', 'hold-ohm-flat',
]); // prettier-ignore
const BY_WIRE: ReadonlySet<FindingCode> = new Set([
  'supply-overload', 'supply-near-limit', 'wire-too-cold', 'wire-too-hot', 'wire-overstressed', 'hold-ohm-flat', 'battery-weak',
]); // prettier-ignore
/** Feed that a start is reckoned for where none is set, m/s. */
const PLAIN_FEED = 0.004;

/** Patches that take a supply (with a control of its own and its setting) or a spool out of the drawer, each with its name. */
export function* spareTries(
  code: FindingCode,
  near: Evaluation,
  drawer: Spares,
): Iterable<{ patch: Patch; uses: string }> {
  const { rig } = near.s;
  const wanted = (near.s.feed ?? PLAIN_FEED) / near.s.reserve;
  if (BY_SUPPLY.has(code))
    for (const { name, supply, controls } of drawer.supplies) {
      if (
        supply.kind === rig.supply.kind &&
        supply.volts === rig.supply.volts &&
        supply.maxAmps === rig.supply.maxAmps
      )
        continue;
      for (const { name: _name, have: _have, price: _price, ...control } of controls) {
        const base = {
          supply: { ...BARE_SUPPLY, ...supply },
          control: { ...BARE_CONTROL, ...control, setting: 1 },
        };
        const s = setUp(merge({ ...rig, control: { ...rig.control, kind: control.kind } }, base));
        const exact =
          control.kind === 'none'
            ? null
            : control.kind === 'clip'
              ? mm(lengthForFastest(s, wanted))
              : settingForFastest(s, wanted);
        if (control.kind !== 'none' && exact === null) continue;
        const setting = exact === null ? null : tidy(exact, 3, 'near');
        yield { patch: { ...base, control: { ...base.control, setting } }, uses: name };
      }
    }
  if (!BY_WIRE.has(code)) return;
  for (const { name, wire } of drawer.wires) {
    const { measuredOhmPerM, ...kept } = wire;
    if (kept.alloy === rig.wire.alloy && kept.diameterMm === rig.wire.diameterMm) continue;
    const measuredOhm = measuredOhmPerM ? (measuredOhmPerM * rig.wire.lengthMm) / 1000 : null;
    const patch = { wire: { ...kept, measuredOhm } };
    const setting = rig.control.setting === null ? null : settingForFastest(setUp(merge(rig, patch)), wanted);
    yield {
      patch: setting === null ? patch : { ...patch, control: { setting: tidy(setting, 3, 'near') } },
      uses: name,
    };
  }
}

const mm = (metres: number | null) => (metres === null ? null : metres * 1000);
/** What a supply or control that is taken out must not keep of the one before. */
const BARE_SUPPLY = { battery: undefined, ratedVA: undefined };
const BARE_CONTROL = { steps: null, ratedAmps: null, ratedVolts: null, ratedWatts: null };
