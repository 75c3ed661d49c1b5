/** A number from 0 to 2³² − 1 for a text: FNV-1a over its UTF-16 units. The same text always gives the same number. */
export function hashOf(text: string): number {
  let hash = 2166136261;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 16777619);
  return hash >>> 0;
}
