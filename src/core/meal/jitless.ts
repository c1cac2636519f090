import { config } from 'zod/v4/core';

/** Zod would probe for eval, which the page's policy refuses. Imported before any schema is made. */
config({ jitless: true });
