/** A file name from a title: letters, digits and hyphens; `otherwise` if the title has none. */
export function fileStem(title: string, otherwise = 'braise'): string {
  const stem = title
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '');
  return stem === '' ? otherwise : stem.slice(0, 60);
}
