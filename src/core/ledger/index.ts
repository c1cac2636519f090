export {
  amountOf,
  components,
  massOf,
  nothing,
  plus,
  setLess,
  setPlus,
  times,
  type Amount,
  type Pool,
} from './amount.ts';
export { carrying, flow, flowKey, ledgerFlow, type Flow, type LedgerFlow, type Material } from './flow.ts';
export { settle } from './settle.ts';
