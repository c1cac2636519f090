export { dishName, needOf, ticketsOf, usualDishes, type Portion, type Ticket } from './dishes.ts';
