export {
  amountOf,
  clearPool,
  components,
  emptyPool,
  massOf,
  nothing,
  plus,
  setLess,
  setPlus,
  setTimes,
  times,
  type Amount,
  type Pool,
} from './amount.ts';
export {
  carrying,
  flow,
  flowKey,
  ledgerFlow,
  unaccountedFlow,
  type Flow,
  type LedgerFlow,
  type LedgerId,
  type Owner,
} from './flow.ts';
export {
  addsUp,
  batchReadings,
  isLotReading,
  lotReadings,
  materials,
  readingNameOf,
  strandOf,
  strandParts,
  type BatchReading,
  type FlowId,
  type LotFlow,
  type LotReading,
  type Material,
  type StrandPartName,
  type Weighable,
} from './flows.ts';
export { amountOfFlows, flowsOfBatch } from './ofBatch.ts';
export { settle } from './settle.ts';
export { strandsOf, type StrandPart, type Strands } from './strands.ts';
export { type Stage, stages } from './stages.ts';
