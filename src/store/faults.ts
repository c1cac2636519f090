/** What keeps the browser from keeping anything. */
export type StorageFault =
  /** No room is left. */
  | 'full'
  /** The browser does not let the page keep anything: a setting, or a private window. */
  | 'refused'
  /** Another tab with an older version of the program holds the store open. */
  | 'blocked'
  /** The store was written by a newer version of the program. */
  | 'newer'
  /** Another tab has brought the store to a newer version: this one may no longer write. */
  | 'outdated'
  /** What was kept was cleared, by the browser or by hand, while a page was open. */
  | 'cleared'
  /** The disk does not do what it is asked. */
  | 'broken';

const faults: Readonly<Record<string, StorageFault>> = {
  QuotaExceededError: 'full',
  MissingAPIError: 'refused',
  SecurityError: 'refused',
  NotAllowedError: 'refused',
  InvalidStateError: 'refused',
  VersionError: 'newer',
  StoreClearedError: 'cleared',
  UnknownError: 'broken',
  AbortError: 'broken',
  BulkError: 'broken',
  ModifyError: 'broken',
  PrematureCommitError: 'broken',
  InternalError: 'broken',
  NoSuchDatabaseError: 'broken',
  DatabaseClosedError: 'broken',
  OpenFailedError: 'broken',
  TimeoutError: 'broken',
  TransactionInactiveError: 'broken',
  NotFoundError: 'broken',
  NotReadableError: 'broken',
  DataError: 'broken',
};

/** A meal that a page shows is not on the disk, and nothing says that anybody took it away. */
export class StoreCleared extends Error {
  override readonly name = 'StoreClearedError';
  readonly meal: string;
  constructor(meal: string) {
    super(`Meal “${meal}” is not kept any more.`);
    this.meal = meal;
  }
}

/** How many errors may lie in one another. */
const DEEP = 5;

/**
 * What is wrong with the store, as far as an error tells; undefined if it is no fault of the store. The innermost
 * reason counts: a transaction that was aborted since the disk is full is a full disk.
 */
export function storageFaultOf(error: unknown): StorageFault | undefined {
  let fault: StorageFault | undefined;
  let now = error;
  for (let i = 0; i < DEEP && typeof now === 'object' && now !== null; i += 1) {
    const { name, inner, failures } = now as { name?: unknown; inner?: unknown; failures?: unknown };
    fault = (typeof name === 'string' ? faults[name] : undefined) ?? fault;
    now = inner ?? (Array.isArray(failures) ? failures[0] : undefined);
  }
  return fault;
}
