'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { AT } from './useDecision';
import { type Draft, type KeptPlan } from './useDraft';
import { useWords } from '@/ui/KitchenContext';
import { send } from '@/ui/send';
import { useMadeId } from '@/ui/useMadeId';

/** The address of a newly saved plan, with the open decision. */
function addressOf(planId: string): string {
  const at = new URLSearchParams(window.location.search).get(AT);
  return at === null ? `/plan/${planId}` : `/plan/${planId}?${AT}=${at}`;
}

/** Saving a plan on the server, and actions on a saved one. */
export interface StorageSettings {
  /** The plan's id; null for one never saved. */
  readonly id: string | null;
  /** As it was last saved. */
  readonly kept: KeptPlan;
  /** The server's answer, if it was not the expected one. */
  readonly message: string | undefined;
  /** Why it was not saved: it was changed elsewhere meanwhile. */
  readonly clash: string | undefined;
  readonly say: (message: string | undefined) => void;
  /** Saves it; `over` overwrites what is there. */
  readonly keep: (over?: boolean) => Promise<void>;
  readonly startBraise: () => Promise<void>;
  /** Reloads a page that shows the saved plan. */
  readonly openPage: (page: 'sheet' | 'compare') => Promise<void>;
}

export function useKeeping(firstId: string | null, start: KeptPlan, draft: Draft): StorageSettings {
  const w = useWords();
  const router = useRouter();
  // A new plan keeps the id it got when it was first saved.
  const [{ id, kept }, setKept] = useState({ id: firstId, kept: start });
  const [clash, setClash] = useState<string>();
  const [message, setMessage] = useState<string>();
  const newId = useRef('');
  useEffect(() => {
    newId.current = crypto.randomUUID();
  }, []);
  const braiseIdFor = useMadeId();
  const { input, changed } = draft;

  const save = async (basedOnMs = draft.basedOnMs): Promise<string | undefined> => {
    const put = (planId: string, basedOn: number | null) =>
      send<{ id: string; updatedAtMs: number }>('PUT', `/api/plans/${planId}`, { input, basedOnMs: basedOn });
    const add = async () => {
      const added = await send<{ id: string; updatedAtMs: number }>('POST', '/api/plans', { id: newId.current, input });
      // A plan under our own id was saved from here, and the answer was lost on the way.
      return !added.ok && added.status === 409 ? put(newId.current, null) : added;
    };
    const sent = await (id === null ? add() : put(id, basedOnMs));
    setClash(!sent.ok && sent.status === 409 ? w.say(sent.says) : undefined);
    setMessage(sent.ok || sent.status === 409 ? undefined : w.say(sent.says));
    if (!sent.ok) return undefined;
    const now = { input, atMs: sent.data.updatedAtMs };
    setKept({ id: sent.data.id, kept: now });
    draft.settle(now);
    return sent.data.id;
  };
  const savedId = async (): Promise<string | undefined> => (id !== null && !changed ? id : save());

  return {
    id,
    kept,
    message,
    clash,
    say: setMessage,
    keep: async (over = false) => {
      const planId = await (over ? save(null) : save());
      if (planId !== undefined && firstId === null) router.replace(addressOf(planId));
      else router.refresh();
    },
    startBraise: async () => {
      const planId = await savedId();
      if (planId === undefined) return;
      const braise = { input, planId };
      const sent = await send<{ id: string }>('POST', '/api/braises', { id: braiseIdFor(braise), ...braise });
      if (sent.ok) router.push(`/braise/${sent.data.id}`);
      else setMessage(w.say(sent.says));
    },
    openPage: async (page) => {
      const planId = await savedId();
      if (planId !== undefined) router.push(`/plan/${planId}/${page}`);
    },
  };
}
