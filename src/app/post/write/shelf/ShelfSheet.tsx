/** Pictures to take: those that the site has, and those of the photo shelf. */
import { Tabs } from "radix-ui";
import { useState } from "react";
import { Sheet } from "../../../ui/Sheet";
import { PhotoShelf } from "./PhotoShelf";
import { SiteShelf } from "./SiteShelf";
import type { Taken } from "./taken";

interface Props {
  title: string;
  onTake: (taken: Taken) => void;
  onClose: () => void;
}

const tab =
  "border-b-2 border-transparent px-1 pb-1 text-ink-2 data-[state=active]:border-proof data-[state=active]:text-ink";

export function ShelfSheet({ title, onTake, onClose }: Props) {
  const [words, setWords] = useState("");
  const take = (taken: Taken) => {
    onClose();
    // Once the dialog has given the focus back.
    requestAnimationFrame(() => onTake(taken));
  };
  return (
    <Sheet title={title} wide onClose={onClose}>
      <Tabs.Root defaultValue="site">
        <div className="mb-3 flex items-end gap-5 border-b border-rule">
          <Tabs.List aria-label="Shelves" className="flex gap-5">
            <Tabs.Trigger value="site" className={tab}>
              This site's pictures
            </Tabs.Trigger>
            <Tabs.Trigger value="photos" className={tab}>
              Photo shelf (stand-in)
            </Tabs.Trigger>
          </Tabs.List>
          <input
            type="search"
            aria-label="Search pictures"
            placeholder="What it shows"
            className="mb-1.5 ml-auto w-72 rounded border border-edge bg-sheet px-2 py-1"
            value={words}
            maxLength={200}
            onChange={(event) => setWords(event.target.value)}
          />
        </div>
        <Tabs.Content value="site">
          <SiteShelf words={words} onTake={take} />
        </Tabs.Content>
        <Tabs.Content value="photos">
          <PhotoShelf words={words} onTake={take} />
        </Tabs.Content>
      </Tabs.Root>
    </Sheet>
  );
}
