export { amountOf, massOf, nothing, plus, setPlus, times, type Amount, type Pool } from './amount.ts';
export { carrying, flow, flowKey, ledgerFlow, type Flow, type LedgerFlow, type Material } from './flow.ts';
export { settle } from './settle.ts';
