/** Pages that belong to one rig. */
export type RigPage = 'first-heat' | 'wiring' | 'heat' | 'tension' | 'recipe' | 'build' | 'practice';
/** Pages that belong to one piece of a rig. */
export type PiecePage = 'templates' | 'blanks' | 'drive' | 'call';

const asked = (query: Readonly<Record<string, string | undefined>>) => {
  const given = Object.entries(query).filter(([, v]) => v !== undefined && v !== '') as [string, string][];
  return given.length === 0 ? '' : `?${given.map(([k, v]) => `${k}=${encodeURIComponent(v)}`).join('&')}`;
};

/** Addresses of the pages: they stand here and nowhere else. */
export const places = {
  shelf: '/',
  archive: '/?away=1',
  /** What every page of a rig begins with. */
  rigs: '/rig',
  newRig: '/new',
  machines: '/machine',
  machine: (id: string) => `/machine/${id}`,
  glossary: '/glossary',
  practice: '/practice',
  drill: (rig: string, drill: string, run?: string) => `/rig/${rig}/practice${asked({ drill, run })}`,
  about: '/about',
  drawer: (open?: 'supply' | 'rewind' | 'wire') => `/drawer${asked({ open })}`,
  match: (rig?: string) => `/match${asked({ rig })}`,
  bench: (rig?: string) => `/bench${asked({ rig })}`,
  compare: (rigs: readonly string[] = []) => `/compare${rigs.length ? `?rigs=${rigs.join(',')}` : ''}`,
  log: (rig?: string) => `/log${asked({ rig })}`,
  /** The logbook with a query as `addressOf` writes it. */
  logAsked: (address: string) => (address ? `/log?${address}` : '/log'),
  rig: (id: string, stage?: string) => `/rig/${id}${asked({ stage })}`,
  run: (rig: string, job: string) => `/rig/${rig}/run${asked({ job })}`,
  code: (rig: string, job: string) => `/rig/${rig}/code${asked({ job })}`,
  rigPage: (id: string, page: RigPage, part?: string) => `/rig/${id}/${page}${part ? `#${part}` : ''}`,
  piece: (rig: string, page: PiecePage, plan: string) => `/rig/${rig}/${page}${asked({ plan })}`,
} as const;

/** The rig that the page at an address is about; null where it is about none. */
export const rigOf = (path: string, search: string): string | null =>
  /^\/rig\/([^/?#]+)/.exec(path)?.[1] ?? (path === '/bench' ? new URLSearchParams(search).get('rig') : null);

/** Addresses of files that the server makes. */
export const downloads = {
  rig: (id: string) => `/api/rigs/${id}/document`,
  sheet: (id: string) => `/api/rigs/${id}/sheet`,
  recipe: (id: string) => `/api/rigs/${id}/recipe`,
  wiring: (id: string, as: 'svg' | 'pdf') => `/api/rigs/${id}/wiring?as=${as}`,
  plan: (id: string) => `/api/plans/${id}/document`,
  job: (id: string) => `/api/jobs/${id}/document`,
  jobPrint: (id: string, paper: 'a4' | 'letter') => `/api/jobs/${id}/print?paper=${paper}`,
  templates: (id: string, query: string) => `/api/plans/${id}/templates?${query}`,
  trace: (id: string) => `/api/practice/${id}?as=file`,
  photo: (id: string) => `/api/photos/${id}`,
  backup: '/api/backup',
  certificate: '/api/certificate',
  log: (as: 'csv' | 'json', address: string) => `/api/log/${as}?${address}`,
} as const;
/** Links to any of these. */
export const DOWNLOAD_LINKS = 'a[href^="/api/"]';
