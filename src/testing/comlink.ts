/**
 * Replaces comlink where there are no workers: what a worker exposes is called in place, always asynchronously, as in a
 * browser.
 */
let exposed: object = {};
let failing = false;
/** Results computed before: the same question has the same answer. */
const answers = new Map<string, unknown>();

/** Makes every call fail from now on, or stop failing. */
export function failCalls(on: boolean): void {
  failing = on;
}

export function expose(api: object): void {
  exposed = api;
}

export function wrap(): unknown {
  return new Proxy(
    {},
    {
      get: (_, name: string) => {
        if (name === 'then') return undefined;
        return async (...given: readonly unknown[]): Promise<unknown> => {
          await Promise.resolve();
          if (failing) throw new RangeError('The worker fails.');
          const call = (exposed as Readonly<Record<string, (...args: readonly unknown[]) => unknown>>)[name];
          if (!call) throw new TypeError(`The worker has no ${name}.`);
          const question = JSON.stringify([name, given]);
          if (!answers.has(question)) answers.set(question, call(...(structuredClone(given) as unknown[])));
          return structuredClone(answers.get(question));
        };
      },
    },
  );
}
