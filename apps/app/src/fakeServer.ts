/** A request as a test's server was asked it. */
export interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}

export const json = (body: unknown): Response =>
  new Response(JSON.stringify(body), { headers: { 'Content-Type': 'application/json' } });

/** Answers every fetch from now on; returns what was asked, as it comes. */
export const answerWith = (
  respond: (request: Asked) => Response | Promise<Response>,
): readonly Asked[] => {
  const asked: Asked[] = [];
  Object.assign(globalThis, {
    fetch: async (request: Request) => {
      const { pathname, search } = new URL(request.url);
      const text = await request.text();
      const one = {
        method: request.method,
        path: decodeURIComponent(pathname + search),
        body: text === '' ? undefined : JSON.parse(text),
      };
      asked.push(one);
      return respond(one);
    },
  });
  return asked;
};
