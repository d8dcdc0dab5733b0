export { changeCost, poseBefore, type ChangeCost } from './cost';
export { cheapestOrder, MOST_EXACT, totalCost, type Order } from './order';
