'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { AT } from './useDecision';
import { type Draft, type KeptPlan } from './useDraft';
import { useWords } from '@/ui/KitchenContext';
import { send } from '@/ui/send';
import { useMadeId } from '@/ui/useMadeId';

/** The address of a plan kept first now, with the decision that is in hand. */
function addressOf(planId: string): string {
  const at = new URLSearchParams(window.location.search).get(AT);
  return at === null ? `/plan/${planId}` : `/plan/${planId}?${AT}=${at}`;
}

/** Keeping a plan on the server, and what is done with a kept one. */
export interface Keeping {
  /** The plan's id; null for one that was never kept. */
  readonly id: string | null;
  /** As it was kept last. */
  readonly kept: KeptPlan;
  /** What the server answered, where it was not what was asked for. */
  readonly message: string | undefined;
  /** Why it was not kept: it was changed elsewhere meanwhile. */
  readonly clash: string | undefined;
  readonly say: (message: string | undefined) => void;
  /** Keeps it, over what is there where `over`. */
  readonly keep: (over?: boolean) => Promise<void>;
  readonly startBraise: () => Promise<void>;
  /** Opens a page that shows the plan as it is kept. */
  readonly openPage: (page: 'sheet' | 'compare') => Promise<void>;
}

export function useKeeping(firstId: string | null, start: KeptPlan, draft: Draft): Keeping {
  const w = useWords();
  const router = useRouter();
  // A new plan has an id from the first time it is kept, whatever comes after that.
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
      // What is there under an id of ours was kept from here, and its answer lost on the way.
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
      const sent = await send<{ id: string }>('POST', '/api/cooks', { id: braiseIdFor(braise), ...braise });
      if (sent.ok) router.push(`/cook/${sent.data.id}`);
      else setMessage(w.say(sent.says));
    },
    openPage: async (page) => {
      const planId = await savedId();
      if (planId !== undefined) router.push(`/plan/${planId}/${page}`);
    },
  };
}
