import { openDb } from '@/store/db.ts';

const mode = document.querySelector('meta[name="slow-spoon-data"]')?.getAttribute('content');

/** The demo has a database of its own, so that it never touches what is the user's. */
export const isDemo = mode === 'demo';
export const db = openDb(isDemo ? 'slow-spoon-demo' : 'slow-spoon');
