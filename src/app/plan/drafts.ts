import { packed, type Unsaved } from './draftText';
import { CURRENT_VERSION } from '@/contract/stored/versions';

/** Where one tab of this browser stores the unsaved changes of one plan. */
export interface DraftSlot {
  /** What this tab had, or a closed tab; undefined for nothing or nothing readable. */
  readonly found: Unsaved | undefined;
  readonly write: (unsaved: Unsaved) => void;
  readonly clear: () => void;
}

/** Prefix of all drafts: followed by the plan (`new` for one never saved) and the tab. */
const DRAFT = 'even-ember:draft';
const TAB = 'even-ember:tab';

const lockOf = (tab: string): string => `${TAB}:${tab}`;

/** Claims a tab name for as long as the page is open; false where another page has it. */
function holds(tab: string): Promise<boolean> {
  // Without locks, one tab at a time is assumed.
  if (!('locks' in navigator)) return Promise.resolve(true);
  return new Promise((resolve, reject) => {
    navigator.locks
      .request(lockOf(tab), { ifAvailable: true }, (lock) => {
        resolve(lock !== null);
        return lock === null ? undefined : new Promise(() => undefined);
      })
      .catch(reject);
  });
}

let named: Promise<string> | undefined;

/** The name of this tab: kept through a reload, never shared by two tabs (a duplicate starts with its twin's). */
function thisTab(): Promise<string> {
  named ??= (async () => {
    const before = sessionStorage.getItem(TAB);
    if (before !== null && (await holds(before))) return before;
    const tab = crypto.randomUUID();
    await holds(tab);
    sessionStorage.setItem(TAB, tab);
    return tab;
  })();
  return named;
}

/** Names of the open tabs. */
async function openTabs(): Promise<ReadonlySet<string>> {
  if (!('locks' in navigator)) return new Set();
  const { held = [] } = await navigator.locks.query();
  return new Set(held.map((lock) => lock.name?.slice(TAB.length + 1) ?? ''));
}

const writtenAtMs = (text: string | null): number => {
  try {
    return Number((JSON.parse(text ?? '{}') as { atMs?: unknown }).atMs ?? 0);
  } catch {
    return 0;
  }
};

/** The draft of this plan that no open tab has: the newest one left by a closed tab, or from before tabs had names. */
async function leftBehind(plan: string): Promise<string | undefined> {
  const open = await openTabs();
  const mine = Object.keys(localStorage).filter((key) => {
    const tab = key === plan ? '' : key.startsWith(`${plan}:`) ? key.slice(plan.length + 1) : undefined;
    return tab !== undefined && !open.has(tab);
  });
  return mine.sort((a, b) => writtenAtMs(localStorage.getItem(b)) - writtenAtMs(localStorage.getItem(a)))[0];
}

/** Opens this tab's storage for the unsaved changes of a plan; null is the new one. */
export async function openDraft(planId: string | null): Promise<DraftSlot> {
  const plan = `${DRAFT}:${planId ?? 'new'}`;
  const key = `${plan}:${await thisTab()}`;
  if (localStorage.getItem(key) === null) {
    const left = await leftBehind(plan);
    const text = left === undefined ? null : localStorage.getItem(left);
    if (left !== undefined && text !== null) {
      localStorage.setItem(key, text);
      localStorage.removeItem(left);
    }
  }
  const text = localStorage.getItem(key);
  return {
    found: text === null ? undefined : (await import('./readDraft')).readDraft(text),
    write: ({ input, basedOnMs }) => {
      const draft = { inputVersion: CURRENT_VERSION.plan, input, basedOnMs, atMs: Date.now() };
      localStorage.setItem(key, packed(draft));
    },
    clear: () => {
      localStorage.removeItem(key);
    },
  };
}
