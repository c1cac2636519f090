export { dishName, needOf, ticketsOf, usualDishes, type Ticket } from './dishes.ts';
