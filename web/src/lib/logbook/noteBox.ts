import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Note } from '$lib/api/client';

/** A note that waits to be handed in, in the order in which it was made; or one that could not be kept, and why. */
export interface BoxedNote {
  order?: number;
  note: Note;
  takenBack: boolean;
  refusal?: string;
}

interface Box extends DBSchema {
  notes: { key: number; value: BoxedNote; indexes: { id: string } };
}

let opened: Promise<IDBPDatabase<Box>> | undefined;

function box(): Promise<IDBPDatabase<Box>> {
  opened ??= openDB<Box>('fluidframe-notes', 1, {
    upgrade(database) {
      database.createObjectStore('notes', { keyPath: 'order', autoIncrement: true }).createIndex('id', 'note.id');
    },
  });
  return opened;
}

/** Everything in the box, in order. */
export async function boxed(): Promise<BoxedNote[]> {
  return (await box()).getAll('notes');
}

/** Lays a note in; done when it is on the disk. */
export async function lay(note: BoxedNote): Promise<void> {
  await (await box()).put('notes', note);
}

/** Lays notes in, all or none; done when they are on the disk. */
export async function layAll(notes: BoxedNote[]): Promise<void> {
  const transaction = (await box()).transaction('notes', 'readwrite');
  await Promise.all([...notes.map((note) => transaction.store.put(note)), transaction.done]);
}

/** Takes notes out. */
export async function takeOut(orders: number[]): Promise<void> {
  const transaction = (await box()).transaction('notes', 'readwrite');
  await Promise.all([...orders.map((order) => transaction.store.delete(order)), transaction.done]);
}
