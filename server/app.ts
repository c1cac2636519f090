import compression from 'compression';
import express, { type ErrorRequestHandler, type Express, type RequestHandler } from 'express';
import rateLimit from 'express-rate-limit';
import helmet from 'helmet';
import { createServer, type Server } from 'node:http';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { devices } from './devices.ts';
import { policy } from './policy.ts';

export interface ServerOptions {
  /** Folder of the built app. */
  readonly dist: string;
  readonly data: 'own' | 'demo';
}

/** Says who holds a port, so that a second start can tell Slow Spoon from a stranger. */
export interface Hello {
  readonly program: 'slow-spoon';
  readonly data: 'own' | 'demo';
}

/** What the loopback address is called. */
const OWN_NAMES = new Set(['127.0.0.1', 'localhost', '[::1]', '::1']);

/** How long a client may take over its headers, and over the whole of what it sends, ms. */
const PATIENCE_MS = 10_000;

/** A server that ends whoever dawdles, over the headers or over the body. */
export function makeServer(options: ServerOptions, patienceMs = PATIENCE_MS): Server {
  return createServer(
    {
      headersTimeout: patienceMs,
      requestTimeout: patienceMs,
      connectionsCheckingInterval: Math.min(1_000, patienceMs / 2),
    },
    makeApp(options),
  );
}

/**
 * Serves the built app, and a scale and probes that stand in for real ones. It never sees a user's data: there is no route that takes any. The policy
 * allows nothing from any other host and no inline script.
 */
export function makeApp({ dist, data }: ServerOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  // A page elsewhere may give its own name to this address; what asks by it is not answered.
  app.use((request, response, next) => {
    if (OWN_NAMES.has(request.hostname)) next();
    else response.status(421).type('text').send('Slow Spoon does not answer to that name.');
  });
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: policy,
      },
      crossOriginEmbedderPolicy: { policy: 'require-corp' },
      xFrameOptions: { action: 'deny' },
      // Plain http on the loopback address: a promise of https would lock the user out.
      strictTransportSecurity: false,
    }),
  );
  app.use(rateLimit({ windowMs: 60_000, limit: 3_000, standardHeaders: 'draft-8', legacyHeaders: false }));
  app.use(express.json({ limit: '10kb' }));
  app.use(compression());
  app.get('/api/hello', (_request, response) => {
    const hello: Hello = { program: 'slow-spoon', data };
    response.json(hello);
  });
  app.use('/devices', devices());
  app.use(
    '/assets',
    express.static(join(dist, 'assets'), { fallthrough: false, immutable: true, maxAge: '1y' }),
  );
  const page: RequestHandler = (_request, response) => {
    // Read anew each time: the app may have been built again under a running server.
    const html = readFileSync(join(dist, 'index.html'), 'utf8').replace('content="own"', `content="${data}"`);
    response.type('html').set('Cache-Control', 'no-cache').send(html);
  };
  // By its own name too: that is how the page is kept for when there is no server.
  app.get('/index.html', page);
  app.use(express.static(dist, { index: false }));
  app.get('/{*path}', page);
  app.use((_request, response) => {
    response.status(404).type('text').send('That is not here.');
  });
  app.use(((error: Error & { status?: number }, _request, response, _next) => {
    response
      .status(error.status ?? 500)
      .type('text')
      .send('That is not here.');
  }) satisfies ErrorRequestHandler);
  return app;
}
