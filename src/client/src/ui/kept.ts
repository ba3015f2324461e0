/**
 * What must outlive the browser's sudden end: words half typed, work that the server has not taken. The plain store of a page
 * (localStorage) may reach the disk minutes later; a strict transaction of IndexedDB is there when it completes.
 */
const store = "kept";

let opened: Promise<IDBDatabase> | undefined;

function open(): Promise<IDBDatabase> {
  opened ??= new Promise((resolve, reject) => {
    const request = indexedDB.open("heron", 1);
    request.onupgradeneeded = () => request.result.createObjectStore(store);
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error);
  });
  return opened;
}

const newest = new Map<string, string | undefined>();
const writing = new Set<string>();

/** Keeps a text under a name, or drops what was kept. While one write is under way only the newest text waits. */
export function keep(key: string, value: string | undefined) {
  newest.set(key, value);
  if (!writing.has(key)) write(key);
}

async function write(key: string) {
  writing.add(key);
  const value = newest.get(key);
  try {
    const database = await open();
    await new Promise<void>((resolve, reject) => {
      const transaction = database.transaction(store, "readwrite", { durability: "strict" });
      if (value === undefined) transaction.objectStore(store).delete(key);
      else transaction.objectStore(store).put(value, key);
      transaction.oncomplete = () => resolve();
      transaction.onabort = () => reject(transaction.error);
    });
    localStorage.removeItem(key);
  } catch {
    // A browser that allows no database still has the page's plain store.
    if (value === undefined) localStorage.removeItem(key);
    else localStorage.setItem(key, value);
  }
  writing.delete(key);
  if (newest.get(key) !== value) write(key);
  else newest.delete(key); // from here on the store knows best: another tab may keep something newer
}

/** What was kept under a name. */
export async function recall(key: string): Promise<string | undefined> {
  if (newest.has(key)) return newest.get(key);
  try {
    const database = await open();
    const kept = await new Promise<unknown>((resolve, reject) => {
      const request = database.transaction(store).objectStore(store).get(key);
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(request.error);
    });
    if (typeof kept === "string") return kept;
  } catch {
    // As above.
  }
  return localStorage.getItem(key) ?? undefined;
}
