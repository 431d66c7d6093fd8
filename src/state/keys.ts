/** Names of what the pages keep of the server's answers, in one place: what a change makes stale is named by these. */
export const keys = {
  /** Everything of one rig. */
  rig: (rig: string) => ['rig', rig] as const,
  open: (rig: string) => ['rig', rig, 'open'] as const,
  wire: (rig: string) => ['rig', rig, 'wire'] as const,
  events: (rig: string) => ['rig', rig, 'events'] as const,
  pulls: (rig: string) => ['rig', rig, 'pulls'] as const,
  photos: (rig: string) => ['rig', rig, 'photos'] as const,
  plans: (rig: string) => ['rig', rig, 'plans'] as const,
  jobs: (rig: string) => ['rig', rig, 'jobs'] as const,
  /** Names of the pieces of all rigs. */
  pieces: () => ['pieces'] as const,
  devices: () => ['devices'] as const,
  /** Runs of practice, of all rigs or of one. */
  practice: (rig?: string) => (rig === undefined ? (['practice'] as const) : (['practice', rig] as const)),
  machines: () => ['machines'] as const,
  /** Every page of the logbook, or those that one query asked for. */
  log: (address?: string) => (address === undefined ? (['log'] as const) : (['log', address] as const)),
  views: () => ['views'] as const,
} as const;
