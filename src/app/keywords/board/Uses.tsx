import { listName } from "../../../data/listOfPost";
import type { Use } from "../../../workers/keywordBoard";
import { useAppSelector } from "../../store/hooks";
import { selectListEntities } from "../../store/selectors";
import { Tooltip } from "../../ui/Tooltip";

/** The lists that have a keyword, and whether a post uses them. */
export function Uses({ uses }: { uses: Use[] }) {
  const lists = useAppSelector(selectListEntities);
  const named = uses.flatMap(({ listId, target }) => {
    const list = lists[listId];
    return list ? [{ name: listName(list), target, used: list.postId !== null }] : [];
  });
  if (!named.length) return null;
  const first = named.find(({ target }) => target) ?? named[0]!;
  const all = named.map(
    ({ name, target, used }) => `${name}${target ? ", as target" : ""}${used ? " (has a post)" : ""}`,
  );
  return (
    <Tooltip says={all.join("\n")}>
      <span className={first.target && first.used ? "text-plum" : "text-ink-2"}>
        {first.target && first.used ? "target of " : ""}
        {first.name}
        {named.length > 1 && ` +${named.length - 1}`}
      </span>
    </Tooltip>
  );
}
