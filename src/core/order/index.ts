export { avoided, avoidedOnDishes, type GuestMustNot } from './avoid.ts';
export { carriers } from './carriers.ts';
export {
  countOf,
  dishName,
  heldFor,
  heldOfTicket,
  juices,
  juicyOf,
  needOf,
  needOfTicket,
  portionOf,
  type Portion,
  type PortionFault,
  portionProblem,
  ticketsOf,
  usualDishes,
  type Ticket,
} from './dishes.ts';
export { appetite, appetites, type Appetite } from './guests.ts';
