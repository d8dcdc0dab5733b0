/** What can be wrong with the browser's store, told apart by what a person can do about it. */
export const STORE_FAULTS = [
  /** The browser has no store at all, or forbids it to this page. */
  'absent',
  /** An older Gilvo in another tab holds the store open. */
  'held',
  /** A newer Gilvo has brought the store on: this page is the older one. */
  'outdated',
  /** What was kept was taken away while the page was open. */
  'cleared',
  /** The store was used here before and is empty now. */
  'lost',
  /** The store cannot be read. */
  'damaged',
  /** There is no room left. */
  'full',
  /** The store refuses for another reason. */
  'refused',
] as const;
export type StoreFault = (typeof STORE_FAULTS)[number];

/** Names of the errors by which browsers tell of a store, and what each means. Source: the IndexedDB standard, 3.0. */
const BY_NAME: Record<string, StoreFault> = {
  MissingAPIError: 'absent',
  SecurityError: 'absent',
  VersionError: 'outdated',
  QuotaExceededError: 'full',
  NotFoundError: 'damaged',
  UnknownError: 'damaged',
  UpgradeError: 'damaged',
};
/** Names of an error and of those that it was raised for, outermost first. */
function namesOf(error: unknown): string[] {
  const names: string[] = [];
  for (let at = error; at instanceof Object && names.length < 8; at = (at as { inner?: unknown }).inner)
    names.push((at as { name?: string }).name ?? '');
  return names;
}

/** What an error of the store says; the innermost error that tells anything counts. */
export function storeFaultOf(error: unknown): StoreFault {
  const telling = namesOf(error).findLast((name) => BY_NAME[name]);
  return telling === undefined ? 'refused' : BY_NAME[telling]!;
}
