/** Stands in for comlink where there are no workers: what a worker exposes is called in place, always later, as there. */
let exposed: object = {};

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
          const call = (exposed as Readonly<Record<string, (...args: readonly unknown[]) => unknown>>)[name];
          if (!call) throw new TypeError(`The worker has no ${name}.`);
          return structuredClone(call(...(structuredClone(given) as unknown[])));
        };
      },
    },
  );
}
