/** What the log is made of; the thread loads it when it is first asked for a digest. */
export { digestedOf } from '@/core/log/index.ts';
