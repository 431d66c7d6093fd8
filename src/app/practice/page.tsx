import type { Metadata } from 'next';
import { ProgressPage } from '@/features/practice/ProgressPage';
import { practiceService } from '@/server/practice';
import { rigNames } from '@/server/rigs';

export const metadata: Metadata = { title: 'Practice' };
export const dynamic = 'force-dynamic';

export default async function Page() {
  return <ProgressPage runs={await practiceService.list()} rigs={await rigNames()} />;
}
