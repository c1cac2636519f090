export {
  amountOf,
  components,
  massOf,
  nothing,
  plus,
  setPlus,
  times,
  type Amount,
  type Component,
  type Pool,
} from './amount.ts';
export { balance, massIn, mustClose } from './balance.ts';
export { flowKey, type Flow, type LedgerFlow, type Material } from './flow.ts';
export { settle } from './settle.ts';
