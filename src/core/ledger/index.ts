export { amountOf, components, massOf, nothing, plus, times, type Amount, type Component } from './amount.ts';
export { balance, massIn, mustClose } from './balance.ts';
export { flowKey, type Flow, type LedgerFlow, type Material } from './flow.ts';
export { settle } from './settle.ts';
