import { app } from '../server/app';
import { soak } from '../e2e/soak';
import type { AddressInfo } from 'node:net';

/** Acts at the bench for so many minutes, with a new seed or the one that is given: `npm run soak -- [minutes] [seed]`. */
async function main(): Promise<void> {
  const [minutes = '10', seed = crypto.randomUUID()] = process.argv.slice(2);
  console.log(`Soak of ${minutes} minutes, seed ${seed}`);
  const server = app('dist').listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const { port } = server.address() as AddressInfo;
  try {
    console.log(await soak(seed, Number(minutes), `http://127.0.0.1:${port}`));
  } finally {
    server.close();
    server.closeAllConnections();
  }
}

void main();
