/** The page number in an address, from 1; 1 where there is none. */
export function pageNumber(text: string | string[] | undefined): number {
  const page = Number(typeof text === 'string' ? text : undefined);
  return Number.isInteger(page) && page >= 1 && page <= 1e6 ? page : 1;
}
