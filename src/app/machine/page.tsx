import type { Metadata } from 'next';
import { MachinesPage } from '@/features/jobs/towers/machine/MachinesPage';
import { machineService } from '@/server/machines';

export const metadata: Metadata = { title: 'Machines' };
export const dynamic = 'force-dynamic';

export default async function Page() {
  return <MachinesPage machines={await machineService.list()} />;
}
