/** The page an address asks for, counting from 1; the first where it asks for none. */
export function pageNumber(text: string | string[] | undefined): number {
  const page = Number(typeof text === 'string' ? text : undefined);
  return Number.isInteger(page) && page >= 1 && page <= 1e6 ? page : 1;
}
