import fs from 'node:fs';
import { PGlite } from '@electric-sql/pglite';
import { NodeFS } from '@electric-sql/pglite/nodefs';

/**
 * PGlite's own start parameters (0.5.16) but for -F, which says not to wait for the disk, and for its 160 MB of buffers: all of them are
 * written as it opens, and a workshop is a few megabytes. With 32 MB it opens in 280 in place of 340 ms and holds 100 MB less.
 */
const PARAMS = [
  '--single',
  '-O',
  '-j',
  ...['search_path=public', 'exit_on_error=false', 'log_checkpoints=false'].flatMap((c) => ['-c', c]),
  ...['max_worker_processes=0', 'max_parallel_workers=0', 'max_parallel_workers_per_gather=0'].flatMap((c) => [
    '-c',
    c,
  ]),
  ...['io_method=sync', 'max_parallel_maintenance_workers=0'].flatMap((c) => ['-c', c]),
  // The default, fdatasync, is an empty call in the wasm build.
  '-c',
  'wal_sync_method=fsync',
  '-c',
  'shared_buffers=32MB',
];

interface Stream {
  readonly nfd?: number;
  readonly node?: unknown;
}
interface Mounted {
  NODEFS: { stream_ops: { fsync?: (stream: Stream) => number }; realPath: (node: unknown) => string };
}
type Options = Parameters<NodeFS['init']>[1];

/** The folder of an embedded database, whose fsync reaches the disk: the package's own file system has none. */
class SyncedFolder extends NodeFS {
  override async init(pg: PGlite, options: Options) {
    const made = await super.init(pg, options);
    const withSync = (module: unknown) => {
      const { NODEFS } = module as Mounted;
      NODEFS.stream_ops.fsync = (stream) => {
        sync(stream, NODEFS);
        return 0;
      };
    };
    const { preRun } = made.emscriptenOpts;
    made.emscriptenOpts.preRun = [...(Array.isArray(preRun) ? preRun : []), withSync] as typeof preRun;
    return made;
  }
}

function sync(stream: Stream, { realPath }: Mounted['NODEFS']): void {
  try {
    if (stream.nfd !== undefined) fs.fsyncSync(stream.nfd);
    else if (stream.node) {
      // A folder has no number of its own here.
      const fd = fs.openSync(realPath(stream.node), 'r');
      fs.fsyncSync(fd);
      fs.closeSync(fd);
    }
  } catch (e) {
    if (!['EINVAL', 'EBADF', 'EISDIR'].includes((e as NodeJS.ErrnoException).code ?? '')) throw e;
  }
}

const UNSYNCED = { startParams: [...PARAMS, '-F'] };

/**
 * Opens the embedded database of a folder. With `wait` each commit waits until the disk has it; without, a power cut may cost
 * the last seconds and, seldom, the folder.
 */
export function openEmbedded(folder: string, wait: boolean): Promise<PGlite> {
  if (!wait) return PGlite.create(folder, UNSYNCED);
  return PGlite.create({ fs: new SyncedFolder(folder), startParams: PARAMS });
}
