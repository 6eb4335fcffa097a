import { existsSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { app } from './app';
import { portFrom, SettingError } from './settings';

const dist = path.resolve(process.env.DIST ?? path.join(import.meta.dirname, '../dist'));

/** How long open requests may take to end, in ms: a stream does not end by itself. */
const PATIENCE_MS = 500;

function stop(why: string): never {
  console.error(why);
  process.exit(1);
}

function listen(): void {
  const port = portFrom(process.env.PORT);
  if (!existsSync(path.join(dist, 'index.html'))) {
    stop('There is no built app in dist/. Build it first: npm run build');
  }
  const server = app(dist).listen(port, '127.0.0.1', (error?: Error) => {
    if (error) stop(`Port ${port} cannot be used (${error.message}). Choose another with PORT=…`);
    const { port: taken } = server.address() as AddressInfo;
    console.log(`Dial Bench is at http://127.0.0.1:${taken}/`);
  });
  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.on(signal, () => {
      server.close(() => process.exit(0));
      setTimeout(() => server.closeAllConnections(), PATIENCE_MS).unref();
    });
  }
}

try {
  listen();
} catch (error) {
  if (!(error instanceof SettingError)) throw error;
  stop(error.message);
}
