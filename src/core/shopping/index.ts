export { AISLES, type ShoppingLine, shoppingList } from './shopping';
