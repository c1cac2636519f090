export {
  amountOf,
  components,
  massOf,
  nothing,
  plus,
  setPlus,
  times,
  type Amount,
  type Pool,
} from './amount.ts';
export { flowKey, type Flow, type LedgerFlow, type Material } from './flow.ts';
export { settle } from './settle.ts';
