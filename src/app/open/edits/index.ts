/** Everything a screen may change, each as one named act, by what it is of. Errors reach the page's own handler. */
export { editBatch, addBatch, removeBatch } from './batch.ts';
export { editMeal, editDish, addDish } from './order.ts';
export { addSitting, editSitting, removeSitting, takeDeal, takeEventWay, closeBatches } from './event.ts';
export { editLot, changeLot, addLot, removeLot } from './meat.ts';
export { editItems, editItem, putLines, takeUsual, USUAL_POT } from './pot.ts';
export { applyRemedy } from './remedy.ts';
export { editDay, takeWay } from './clock.ts';
export { weigh } from './bench.ts';
export { addCook, editKitchen, changeSettings } from './kitchen.ts';
export { tickOff, listLine } from './shopping.ts';
export { editShelf, takeFromShelf } from './keep.ts';
export { leaveOut } from './log.ts';
