'use client';
import { useQuery } from '@tanstack/react-query';
import type { PracticeRunRecord } from '@/core/documents/practice';
import { answered, useAct } from './ask';
import { keys } from './keys';
import { practiceServer } from './server/practice';

/** Runs of practice, the newest first: as loaded, with what was led since. */
export function usePractice(loaded: readonly PracticeRunRecord[]) {
  const { data: runs } = useQuery<readonly PracticeRunRecord[]>({
    queryKey: keys.practice(),
    queryFn: () => answered(practiceServer.all()),
    initialData: loaded,
  });
  return {
    runs,
    keep: useAct(practiceServer.add, [keys.practice()]),
    trace: practiceServer.trace,
    drop: useAct(practiceServer.drop, [keys.practice()]),
  };
}
