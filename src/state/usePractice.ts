'use client';
import { useQuery } from '@tanstack/react-query';
import type { PracticeRunRecord } from '@/core/documents/practice';
import { answered, useAct } from './ask';
import { keys } from './keys';
import { practiceServer } from './server/practice';

/** Runs of practice, the newest first, of all rigs or of one: as loaded, with what was led since. */
export function usePractice(loaded: readonly PracticeRunRecord[], rigId?: string) {
  const { data: runs } = useQuery<readonly PracticeRunRecord[]>({
    queryKey: keys.practice(rigId),
    queryFn: () => answered(practiceServer.all(rigId)),
    initialData: loaded,
  });
  return {
    runs,
    keep: useAct(practiceServer.add, [keys.practice()]),
    drop: useAct(practiceServer.drop, [keys.practice()]),
  };
}
