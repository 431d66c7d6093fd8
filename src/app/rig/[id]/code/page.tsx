import type { Metadata } from 'next';
import { CodePage } from '@/features/jobs/towers/code/CodePage';
import { towerJob } from '@/server/towerJob';

export const metadata: Metadata = { title: 'Motion code' };

export default async function Page(p: Parameters<typeof towerJob>[0]) {
  return <CodePage {...await towerJob(p)} />;
}
