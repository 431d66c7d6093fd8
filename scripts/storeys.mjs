/**
 * Each storey of src and what it may import: kept by tests/houseRules.test.ts, which parses every import, and by the lint while one types.
 * @type {Record<string, readonly string[]>}
 */
export const MAY = {
  core: ['core'],
  formats: ['core', 'formats'],
  workers: ['core', 'formats', 'workers'],
  devices: ['core', 'devices'],
  db: ['core', 'db'],
  server: ['core', 'formats', 'db', 'server'],
  state: ['core', 'workers', 'server', 'state'],
  ui: ['core', 'ui'],
  features: ['core', 'formats', 'ui', 'state', 'workers', 'devices', 'features'],
  app: ['core', 'formats', 'workers', 'devices', 'server', 'state', 'ui', 'features', 'app'],
};
