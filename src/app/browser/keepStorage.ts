let asked = false;

/** Asks the browser, once a page, to keep what is stored: it then does not clear it by itself. */
export function askToKeepStorage(): void {
  if (asked) return;
  asked = true;
  // Not every browser has it, and none does on an insecure address.
  const storage = (globalThis.navigator as Navigator | undefined)?.storage as
    | Partial<StorageManager>
    | undefined;
  const ask = async () => {
    if (!(await storage?.persisted?.())) await storage?.persist?.();
  };
  // A browser that does not say is not asked; the list of meals tells what it does.
  ask().catch(() => undefined);
}
