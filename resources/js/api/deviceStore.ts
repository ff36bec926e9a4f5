import type Dexie from 'dexie';

/**
 * A database of this device, opened when it is first asked for: its library is fetched then, so that a first visit, which
 * has nothing to read, shows its first screen before. Where the library cannot be fetched the next ask tries again.
 *
 * @param stores tables with their keys
 * @returns a function that opens it
 */
export function deviceStore<Store>(name: string, stores: Record<string, string>): () => Promise<Store & Dexie> {
  let opened: Promise<Store & Dexie> | null = null;
  const open = async () => {
    const { default: Library } = await import('dexie');
    const store = new Library(name);
    store.version(1).stores(stores);
    return store as Store & Dexie;
  };
  return () => {
    opened ??= open().catch((error: unknown) => {
      opened = null;
      throw error;
    });
    return opened;
  };
}
