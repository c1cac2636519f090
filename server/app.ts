import express, { type ErrorRequestHandler, type Express } from 'express';
import rateLimit from 'express-rate-limit';
import helmet from 'helmet';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

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

/**
 * Serves the built app. It never sees a user's data: there is no route that takes any. The policy
 * allows nothing from any other host and no inline script.
 */
export function makeApp({ dist, data }: ServerOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'"],
          workerSrc: ["'self'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          frameAncestors: ["'none'"],
          formAction: ["'self'"],
        },
      },
      crossOriginEmbedderPolicy: { policy: 'require-corp' },
      xFrameOptions: { action: 'deny' },
      // Plain http on the loopback address: a promise of https would lock the user out.
      strictTransportSecurity: false,
    }),
  );
  app.use(rateLimit({ windowMs: 60_000, limit: 3_000, standardHeaders: 'draft-8', legacyHeaders: false }));
  app.use(express.json({ limit: '10kb' }));
  app.get('/api/hello', (_request, response) => {
    const hello: Hello = { program: 'slow-spoon', data };
    response.json(hello);
  });
  app.use(
    '/assets',
    express.static(join(dist, 'assets'), { fallthrough: false, immutable: true, maxAge: '1y' }),
  );
  app.use(express.static(dist, { index: false }));
  app.get('/{*path}', (_request, response) => {
    // Read anew each time: the app may have been built again under a running server.
    const page = readFileSync(join(dist, 'index.html'), 'utf8').replace('content="own"', `content="${data}"`);
    response.type('html').set('Cache-Control', 'no-cache').send(page);
  });
  app.use(((error: Error & { status?: number }, _request, response, _next) => {
    response
      .status(error.status ?? 500)
      .type('text')
      .send('That is not here.');
  }) satisfies ErrorRequestHandler);
  return app;
}
