'use client';
import { createContext, useCallback, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { Profile, Role } from '@/core/units/profile';
import { sayIn, typedIn, type Say } from '@/core/words/say';
import { UNITS_COOKIE } from './unitsCookie';
import { ownZone } from './When';
import { ZONE_COOKIE } from './zoneCookie';

interface Units {
  readonly profile: Profile;
  readonly say: Say;
  /** Says a value that somebody typed, as typed. */
  readonly typed: (value: number, role: Role) => string;
  readonly setProfile: (p: Profile) => void;
}

const Context = createContext<Units | null>(null);
/** Units of this person, kept in the browser; everything below shows and takes them. */
export function UnitsProvider({ first, children }: { first: Profile; children: ReactNode }) {
  const [profile, set] = useState(first);
  const setProfile = useCallback((p: Profile) => {
    document.cookie = `${UNITS_COOKIE}=${p}; path=/; max-age=31536000; samesite=strict`;
    set(p);
  }, []);
  useEffect(() => {
    document.cookie = `${ZONE_COOKIE}=${encodeURIComponent(ownZone())}; path=/; max-age=31536000; samesite=strict`;
  }, []);
  const value = useMemo(
    () => ({ profile, say: sayIn(profile), typed: typedIn(profile), setProfile }),
    [profile, setProfile],
  );
  return <Context value={value}>{children}</Context>;
}

export function useUnits(): Units {
  const units = useContext(Context);
  if (!units) throw new Error('no units above');
  return units;
}
