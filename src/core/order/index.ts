export { type Build, builds, builtOf, fatFromPotsOf, itemsFor, layersOf, partsOf } from './built.ts';
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
export { appetite, appetites, type Appetite, eachIfPeople, forPeople } from './guests.ts';
