import { Backup, type Kept } from './Backup';
import { CheckData, type Sizes } from './CheckData';
import { Body, Cell, Row, Table } from '@/ui/table';

export interface Licence {
  readonly name: string;
  readonly version: string;
  readonly licence: string;
}

/** Version, where the data lies, what a power cut can lose, cautions, licences. */
export function About({
  version,
  where,
  licences,
  kept,
  sizes,
  waits,
}: {
  version: string;
  where: string;
  licences: readonly Licence[];
  /** Backups of the data folder, and how big what lies in it is; null where it is not ours to measure. */
  kept: readonly Kept[];
  sizes: Sizes | null;
  /** Whether a save waits for the disk. */
  waits: boolean;
}) {
  return (
    <div className="page prose">
      <h1>Upwind Rod {version}</h1>
      <p>
        Design and tune a hot-wire foam cutter, then plan, make and record the cuts. It works out what a wire
        will do, says how sure it is, and learns from your test cuts. It never says that a rig is safe: that is
        for you to see to.
      </p>
      <h2>Where your work lies</h2>
      <p>
        In <code>{where}</code>. Every change is saved by itself within half a second; “Saved” stands only for
        what has been written.
      </p>
      <p>
        {waits
          ? 'A save waits until the disk has it: what was saved outlasts a crash and a power cut.'
          : 'UPWIND_SYNC=relaxed: a save does not wait for the disk. A crash loses nothing that was saved; a power cut may cost the last half minute and, seldom, the whole folder.'}{' '}
        Single rigs can be kept as files by Export.
      </p>
      <CheckData sizes={sizes} />
      <Backup kept={kept} onServer={sizes === null} />
      <h2>Before the wire is hot</h2>
      <ul>
        <li>
          Open air. Never PVC, polyurethane, polyisocyanurate or phenolic foam, never a foam nobody can name.
        </li>
        <li>Glasses, sleeves, a glove: a wire whips when it breaks, and burns long after it stops glowing.</li>
        <li>
          Nothing flammable about: fresh bead foam can hold pentane, spray glue its vapour. An extinguisher in
          reach. Never leave it hot.
        </li>
        <li>
          Isolated extra-low voltage only. The mains side is enclosed, earthed, fused and protected by a
          residual-current device, by local code and a licensed person.
        </li>
        <li>Batteries and leads are fused and not overloaded.</li>
      </ul>
      <h2>How far to trust a number</h2>
      <p>
        Currents are good to about a tenth; feeds and kerfs to ±35 % before the first test cut, and much better
        after five. Drag is good to a factor of two. Strengths and resistances are typical handbook values until
        you measure. The relations and their sources stand in docs/physics.md.
      </p>
      <h2>Licences</h2>
      <p>Upwind Rod is under the MIT licence. It stands on these, each under its own:</p>
      <Table>
        <Body>
          {licences.map((l) => (
            <Row key={l.name}>
              <Cell style={{ paddingRight: 20 }}>{l.name}</Cell>
              <Cell style={{ paddingRight: 20 }}>{l.version}</Cell>
              <Cell>{l.licence}</Cell>
            </Row>
          ))}
        </Body>
      </Table>
    </div>
  );
}
