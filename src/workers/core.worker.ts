import { expose } from 'comlink';
import { coreWorker } from './core.ts';

expose(coreWorker());
