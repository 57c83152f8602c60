/**
 * A version of the database, as it was when it was made: its tables, and how what an older one held came over. Frozen: nothing here
 * changes once it is released, and nothing of it calls code of today, which would change what it does.
 */
import Dexie, { type Transaction } from "dexie";

export interface Migration {
  version: number;
  /** Tables that are new or have other indexes, in Dexie's words; null where one is gone. */
  stores: Readonly<Record<string, string | null>>;
  /** Brings over what the version before held. */
  upgrade?(change: Transaction): Promise<void>;
}

type Upgrade = NonNullable<Migration["upgrade"]>;

/** An upgrade that is read only where there is something to bring over: most open a database of today, or a new one. The transaction waits for it. */
export const whenNeeded =
  (read: () => Promise<{ upgrade: Upgrade }>): Upgrade =>
  async (change) => {
    const { upgrade } = await Dexie.waitFor(read());
    await upgrade(change);
  };
