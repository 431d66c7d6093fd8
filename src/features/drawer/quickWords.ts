import type { AlloyId } from '@/core/catalog/alloys';
import type { FoamId } from '@/core/catalog/foams';
import type { ControlKind } from '@/core/documents/controlKinds';
import type { SupplyKind } from '@/core/documents/supply';
import type { Chemistry } from '@/core/engine/battery';

type Words<T> = readonly (readonly [RegExp, readonly T[]])[];

/** Words that name an alloy, the narrower first; several alloys where the word fits each. */
export const ALLOY_WORDS: Words<AlloyId> = [
  [/\b(60 ?ni|ni-?cr ?60|nickel.?chrom\w* 60|ni-?cr-?fe)\b/i, ['nicr-60']],
  [/\b(ni-?cr ?80|ni-?chrome|ni-?cr|nickel.?chrom\w*)\b/i, ['nicr-80']],
  [/\b(iron.?chrom\w*|fe-?cr-?al)/i, ['fecral-145']],
  [/\b(leader|trace|(hard|spring)[\w -]*stainless|stainless[\w -]*(hard|spring))\b/i, ['ss-304-hard']],
  [/\b(lock(ing)? ?wire|safety wire|soft stainless|annealed stainless)\b/i, ['ss-304']],
  [/\b(stainless|ss)\b/i, ['ss-304', 'ss-304-hard']],
  [/\b(super-?alloy|n07041)\b/i, ['n07041']],
  [/\b(music|piano|spring) (wire|steel)\b/i, ['steel-music']],
  [/\b(fence|binding|soft|galvani[sz]ed|black)( steel)? wire\b/i, ['steel-soft']],
  [/\btitanium\b/i, ['ti-2']],
  [/\b(constantan|cu-?ni)\b/i, ['cuni-44']],
  [/\b(resistance|heating|hot) ?wire\b/i, ['nicr-80', 'fecral-145']],
  [/\bwire\b/i, ['nicr-80', 'fecral-145', 'ss-304', 'ss-304-hard']],
];

/** Words that name a supply; chargers that feed a thing before chargers that fill a battery. */
export const SUPPLY_WORDS: Words<SupplyKind> = [
  [/\b(laptop|notebook|phone|usb\S*)\b.*\b(charger|brick|supply|adapt[eo]r)\b/i, ['brick']],
  [/\b(wall )?adapt[eo]r\b|\bbrick\b|\bled driver\b|\blaptop\b/i, ['brick']],
  [/\b(computer|atx|pc)\b/i, ['computer-supply']],
  [/\b(bench|lab(oratory)?|adjustable|variable)\b.*\bsupply\b|\bbench\b/i, ['bench']],
  [/\bcharger\b/i, ['charger']],
  [/\btransformer\b|\btoroid\w*/i, ['transformer']],
  [
    /\b(battery|accumulator|pack|li-?po\w*|li-?ion|lithium|li-?fe\w*|lead.?acid|ni-?mh|hydride|alkaline)\b/i,
    ['battery'],
  ],
  [/\bsupply\b/i, ['brick', 'bench']],
];

/** Words that name what is in a battery. */
export const CHEMISTRY_WORDS: Words<Chemistry> = [
  [/\bli-?fe\w*|\biron phosphate|lithium.?iron/i, ['lithium-iron']],
  [/\b(li-?po\w*|li-?ion|lithium.?(polymer|ion))\b/i, ['lithium-polymer']],
  [/\blithium\b/i, ['lithium-polymer', 'lithium-iron']],
  [/\b(lead|gel|agm|sla|car|truck|motorcycle|leisure|starter)\b/i, ['lead-acid']],
  [/\bni-?mh|\bnickel/i, ['nickel-metal']],
  [/\balkaline/i, ['alkaline']],
];

/** Words that name a control; a dimmer by itself may be of two kinds. */
export const CONTROL_WORDS: Words<ControlKind> = [
  [/\b(mains|phase|wall|triac)\b.*\bdimmer\b|\bdimmer\b.*\b(ahead|transformer|mains)\b/i, ['phase']],
  [/\b(pulse|pwm|led)\b.*\bdimmer\b|\bpwm\b|\bpulse.?width\b/i, ['pwm']],
  [/\bmotor\b.*\b(control\w*|speed)\b|\bspeed control\w*/i, ['pwm']],
  [/\bbuck\b|\bstep.?down (converter|module|board)\b/i, ['buck']],
  [/\bvariac\b|\bvariable transformer\b/i, ['scale']],
  [/\bdimmer\b/i, ['pwm', 'phase']],
];

/** Words that name a foam; colours are boards as they are commonly sold, all extruded. */
export const FOAM_WORDS: Words<FoamId> = [
  [/\b(pvc)\b/i, ['pvc']],
  [/\b(polyurethane|pur|pu foam)\b/i, ['pur']],
  [/\b(pir|polyisocyanurate)\b/i, ['pir']],
  [/\bphenolic\b/i, ['phenolic']],
  [/\bxps\b|\bextruded\b|\b(pink|blue|green)\b.*\b(board|foam)\b/i, ['xps']],
  [/\bepp\b|\bpolypropylene\b/i, ['epp']],
  [/\bepe\b|\bpolyethylene\b/i, ['epe']],
  [/\beva\b/i, ['eva']],
  [/\beps\b|\bbead\b|\bexpanded polystyrene\b/i, ['eps']],
  [/\bpolystyrene\b/i, ['eps', 'xps']],
  [/\binsulation (board|foam)\b/i, ['xps', 'eps', 'pir']],
  [/\bstarch\b/i, ['starch']],
  [/\bpla\b/i, ['pla-foam']],
];

export const LEAD_WORDS = /\b(leads?|cable|cord|flex|speaker wire|hook-?up wire)\b/i;
