/** Whether the browser may clear what is kept here, and how much room there is. */
import { useEffect, useState } from "react";
import { Button } from "../../ui/Button";
import { kilobytes } from "../../ui/shortFigures";

interface Storage {
  /** Null where the browser does not say. */
  lasting: boolean | null;
  used: number;
  room: number;
}

async function storage(): Promise<Storage> {
  const { usage = 0, quota = 0 } = (await navigator.storage?.estimate?.()) ?? {};
  return { lasting: (await navigator.storage?.persisted?.()) ?? null, used: usage, room: quota };
}

export function StorageLine() {
  const [space, setSpace] = useState<Storage | null>(null);
  const [refused, setRefused] = useState(false);
  useEffect(() => {
    storage().then(setSpace, () => {});
  }, []);
  if (!space) return null;
  const ask = async () => {
    setRefused(!(await navigator.storage.persist()));
    setSpace(await storage());
  };
  return (
    <div className="mb-3 flex flex-wrap items-center gap-x-3 gap-y-1 text-[13px]">
      <p>
        {space.lasting === null
          ? "This browser does not say whether it keeps what is stored here for good."
          : space.lasting
            ? "The browser has agreed to keep what is stored here until you clear it."
            : "The browser may clear what is stored here when it runs out of room."}{" "}
        {space.room > 0 && (
          <span className="figures text-ink-2">
            {kilobytes(space.used)} of {kilobytes(space.room)} in use.
          </span>
        )}
      </p>
      {space.lasting === false && <Button onClick={() => void ask()}>Ask it to keep everything</Button>}
      {refused && (
        <p role="status" className="text-plum">
          It did not agree. Keep a workspace file outside of the browser.
        </p>
      )}
    </div>
  );
}
