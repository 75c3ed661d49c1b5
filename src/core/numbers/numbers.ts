/** `count` numbers computed by `of` from their index. (`Float64Array.from` is many times slower.) */
export function numbers(count: number, of: (index: number) => number): Float64Array {
  const out = new Float64Array(count);
  for (let i = 0; i < count; i++) out[i] = of(i);
  return out;
}
