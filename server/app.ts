import compression from 'compression';
import express, { type ErrorRequestHandler, type Express, type RequestHandler } from 'express';
import helmet from 'helmet';
import { isIPv4 } from 'node:net';
import path from 'node:path';
import { flowBenchStream } from './flowBenchStream';
import { gaugeStream } from './gauge';

/** Nothing is loaded from anywhere but this server; styles are inline because React Native for web writes them so. */
const CONTENT_SECURITY = {
  'default-src': ["'self'"],
  'script-src': ["'self'", "'wasm-unsafe-eval'"],
  'style-src': ["'self'", "'unsafe-inline'"],
  'img-src': ["'self'", 'data:', 'blob:'],
  'font-src': ["'self'"],
  // A picture that was just chosen is a blob of this very page.
  'connect-src': ["'self'", 'blob:'],
  'worker-src': ["'self'"],
  'object-src': ["'none'"],
  'base-uri': ["'none'"],
  'frame-ancestors': ["'none'"],
};

const READS = ['GET', 'HEAD'];

/** Files whose name carries a hash of what is in them never change under that name. */
const HASHED = `${path.sep}_expo${path.sep}`;

/** Matches what a browser sends as the host: a name or an address, and a port. */
const HOST = /^(?<name>[^:]+|\[::1\])(?::\d{1,5})?$/;

/** Tells whether a host is this machine: a page of another name has no business here. */
function isThisMachine(host: string): boolean {
  const name = HOST.exec(host)?.groups?.name?.toLowerCase();
  if (name === 'localhost' || name === '[::1]') return true;
  return name !== undefined && isIPv4(name) && name.startsWith('127.');
}

const onlyLocal: RequestHandler = (request, response, next) => {
  if (isThisMachine(request.headers.host ?? '')) return next();
  response.status(421).type('text').send('This server answers only to this machine.\n');
};

/** Says that something went wrong, and nothing of where or why: that is for the log. */
const failed: ErrorRequestHandler = (error: { status?: unknown }, _request, response, next) => {
  if (response.headersSent) return next(error);
  const status = typeof error.status === 'number' && error.status < 500 ? error.status : 500;
  if (status === 500) console.error(error);
  response
    .status(status)
    .type('text')
    .send(status === 500 ? 'Something went wrong.\n' : 'That cannot be answered.\n');
};

/** Serves the built app from `dist`; any address without a file of its own gets the page, which finds its way. */
export function app(dist: string): Express {
  const server = express();
  server.disable('x-powered-by');
  server.use(onlyLocal);
  server.use(
    helmet({
      contentSecurityPolicy: { useDefaults: false, directives: CONTENT_SECURITY },
      strictTransportSecurity: false,
    }),
  );
  // A stream is sent on at once: nothing may hold it back to compress it.
  server.get('/api/gauge', gaugeStream());
  server.get('/api/flow-bench', flowBenchStream());
  server.use(compression());
  server.use(
    express.static(dist, {
      setHeaders: (response, file) =>
        response.setHeader(
          'Cache-Control',
          file.includes(HASHED) ? 'public, max-age=31536000, immutable' : 'no-cache',
        ),
    }),
  );
  // Without a pattern: an address that nobody can decode gets the page as well, and that says what is wrong.
  server.use((request, response, next) => {
    if (!READS.includes(request.method) || path.extname(request.path)) return next();
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(path.resolve(dist, 'index.html'));
  });
  server.use(failed);
  return server;
}
