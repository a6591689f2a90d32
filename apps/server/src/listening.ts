import { createServer, type RequestListener } from 'node:http';

export interface Listening {
  readonly url: string;
  readonly port: number;
  readonly stop: () => Promise<void>;
}

/** A server that listens on a free port of this machine, for tests. */
export const listening = async (app: RequestListener): Promise<Listening> => {
  const server = createServer(app).listen(0, '127.0.0.1');
  await new Promise((done) => server.once('listening', done));
  const address = server.address();
  const port = typeof address === 'object' && address ? address.port : 0;
  return {
    port,
    url: `http://127.0.0.1:${port}`,
    stop: async () => {
      server.closeAllConnections();
      await new Promise((done) => server.close(done));
    },
  };
};
