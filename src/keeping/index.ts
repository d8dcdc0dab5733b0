export { createKeeper, type KeepState } from './keeper';
export { isStashed } from './stash';
export { doNow } from './deeds';
export { useUnkept, type Refusal, type Thing, type Unkept } from './unkept';
export { openPageStore, startAnew, useStoreState } from './storeState';
export { storeRoom, type StoreRoom } from './room';
