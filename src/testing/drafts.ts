/** The text of a plan's unsaved changes in this browser, whichever tab has it; null if none. */
export function draftText(planId: string | null): string | null {
  const plan = `even-ember:draft:${planId ?? 'new'}`;
  const key = Object.keys(localStorage).find((k) => k === plan || k.startsWith(`${plan}:`));
  return key === undefined ? null : localStorage.getItem(key);
}
