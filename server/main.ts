import { existsSync } from 'node:fs';
import path from 'node:path';
import { app } from './app';

const dist = path.resolve(import.meta.dirname, '../dist');
const port = Number(process.env.PORT ?? 4173);

if (!existsSync(path.join(dist, 'index.html'))) {
  console.error('There is no built app in dist/. Build it first: npm run build');
  process.exit(1);
}

const server = app(dist).listen(port, '127.0.0.1', (error?: Error) => {
  if (error) {
    console.error(`Port ${port} cannot be used (${error.message}). Choose another with PORT=…`);
    process.exit(1);
  }
  console.log(`Dial Bench is at http://127.0.0.1:${port}/`);
});
for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.on(signal, () => server.close(() => process.exit(0)));
}
