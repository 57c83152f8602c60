import type { BlockKind } from "./kind";
import { BLOCK_KINDS } from "./registry";
import type { BlockBase, ContainerBase } from "./shape";

type Kind = BlockKind<BlockBase, ContainerBase>;

/** What the kinds say on one matter, all in one: by the name of a node, an element, a kind or a container. */
export function byName<Says>(
  of: (kind: Kind) => Readonly<Record<string, Says>> | undefined,
): Readonly<Record<string, Says | undefined>> {
  const all: Record<string, Says | undefined> = Object.create(null) as Record<string, Says | undefined>;
  for (const kind of BLOCK_KINDS) Object.assign(all, of(kind));
  return all;
}
