'use client';
import { Act } from '@/ui/Act';

export default function Failed({ reset }: { reset: () => void }) {
  return (
    <div className="page">
      <h1>This page could not be shown</h1>
      <p>What was saved is kept. If it stays like this, look at the window in which the program was started.</p>
      <p>
        <Act strong onClick={reset}>
          Try again
        </Act>
      </p>
    </div>
  );
}
