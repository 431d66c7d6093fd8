import type { ControlKind } from '../documents/controlKinds';
import type { FindingCode } from '../documents/reading';
import type { Rig } from '../documents/rig';
import { controlSettingText, type ToMark } from './control';
import { findingHead } from './findings';
import type { Say } from './say';

type Part = Readonly<Record<string, unknown>>;

/** What a lesser finding says when a fix makes it worse. */
const WORSENED: Partial<Record<FindingCode, string>> = {
  'wire-stress-high': 'a hotter wire is a weaker one: more of its strength is used',
  'lag-high': 'the middle lags more',
  'lead-loss-high': 'more is lost in the leads',
  'contact-loss-high': 'more is lost in the contacts',
  'smokes-at-entry': 'it smokes more at entry',
  'supply-near-limit': 'the supply comes close to its limit',
  'no-fuse': 'the loop then needs a fuse',
  'wide-slot': 'the kerf gets wider',
  'melt-back': 'the kerf melts back more',
  'wire-goes-slack': 'the hot wire hangs lower',
  'take-up-short': 'the wire grows more than the take-up has',
  'feed-too-fast': 'the feed is then too fast',
  glows: 'the wire glows brighter',
};

/** A fix in words: what to do, what of the drawer it takes, and what gets worse by it. */
export function fixWords(
  fix: { readonly patch: Part; readonly worsens?: readonly FindingCode[]; readonly uses?: string },
  rig: Pick<Rig, 'control'>,
  say: Say,
  toMark?: ToMark | null,
): string {
  const what = patchWords(fix.patch, rig, say, toMark);
  const text =
    fix.uses === undefined
      ? what
      : `Take ${fix.uses}${what ? `: ${what.charAt(0).toLowerCase()}${what.slice(1)}` : ''}`;
  const worse = (fix.worsens ?? []).map((c) => WORSENED[c] ?? `worse by it: ${findingHead(c)}`);
  return worse.length === 0 ? text : `${text} (${worse.join('; ')})`;
}

/** A fix in words, from its patch: “Set 19.4 V”, “Cut at 3 mm/s”. */
export function patchWords(patch: Part, rig: Pick<Rig, 'control'>, say: Say, toMark?: ToMark | null): string {
  const words: string[] = [];
  const control = patch['control'] as Part | undefined;
  const wire = patch['wire'] as Part | undefined;
  const cut = patch['cut'] as Part | undefined;
  const kind = (control?.['kind'] as ControlKind | undefined) ?? rig.control.kind;
  if (typeof control?.['setting'] === 'number')
    words.push(
      `${control['kind'] ? 'hold' : 'set'} ${controlSettingText(kind, control['setting'], say, control['kind'] ? null : toMark)}`,
    );
  if (typeof wire?.['lengthMm'] === 'number') words.push(`use ${say(wire['lengthMm'], 'wireLength')} of wire`);
  if (typeof wire?.['diameterMm'] === 'number')
    words.push(
      wire['alloy']
        ? `hang its ${say(wire['diameterMm'], 'wireDiameter')} wire`
        : `buy ${say(wire['diameterMm'], 'wireDiameter')} wire`,
    );
  const tension = patch['tension'] as Part | undefined;
  if (tension?.['carriesCurrent'] === false) words.push('take the current past the spring by a jumper');
  if (tension?.['kind'] === 'flex') words.push('let the arm be its spring');
  if (tension?.['kind'] === 'spring') words.push('hold it by a spring');
  if (typeof tension?.['setN'] === 'number') words.push(`set the tension to ${say(tension['setN'], 'force')}`);
  const leads = patch['leads'] as Part | undefined;
  if (typeof leads?.['areaMm2'] === 'number') words.push(`buy leads of ${say(leads['areaMm2'], 'area')}`);
  if (typeof leads?.['fuseA'] === 'number') words.push(`add a fuse of ${leads['fuseA']} A`);
  if (typeof leads?.['switchA'] === 'number') words.push(`add a switch for ${leads['switchA']} A`);
  if ((patch['frame'] as Part | undefined)?.['material'] === 'metal-insulated')
    words.push('insulate both anchors');
  if (typeof control?.['frequencyHz'] === 'number' && control['kind'] === undefined)
    words.push(`pulse at ${control['frequencyHz']} Hz`);
  if (typeof cut?.['feedMmS'] === 'number') words.push(`cut at ${say(cut['feedMmS'], 'feed')}`);
  if (cut?.['feedMmS'] === null) words.push('let the feed follow');
  const all = words.join(', ');
  return all.charAt(0).toUpperCase() + all.slice(1);
}
