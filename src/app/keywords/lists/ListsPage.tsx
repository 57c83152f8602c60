/** The lists of the site: one a post. */

import {
  DndContext,
  type DragEndEvent,
  DragOverlay,
  type DragStartEvent,
  MouseSensor,
  pointerWithin,
  TouchSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { Plus } from "lucide-react";
import { useEffect, useState } from "react";
import { useNavigate, useParams, useSearchParams } from "react-router";
import { useAppSelector } from "../../store/hooks";
import { selectLists, selectPostEntities } from "../../store/selectors";
import { Button } from "../../ui/Button";
import { Failed } from "../../ui/Failed";
import { makeList, moveTo } from "../actions";
import { ListRail } from "./ListRail";
import { ListView } from "./ListView";
import { useList } from "./useList";

export function ListsPage() {
  const lists = useAppSelector(selectLists);
  const posts = useAppSelector(selectPostEntities);
  const language = useAppSelector((state) => state.session.site.language);
  const { id } = useParams();
  const [params] = useSearchParams();
  const search = params.toString() ? `?${params}` : "";
  const navigate = useNavigate();
  const ofPost = lists.find(({ postId }) => postId !== null && postId === params.get("post"));
  const currentId = id ?? ofPost?.id ?? lists[0]?.id;
  const read = useList(currentId);
  const list = read.state === "ready" ? read.value : null;
  const [dragged, setDragged] = useState<string[]>([]);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 6 } }),
  );
  useEffect(() => {
    document.title = "Lists · Dune Sparrow";
  }, []);
  const makeNew = async () => {
    const id = await makeList("New list", language, []);
    if (id) void navigate(`/keywords/lists/${id}${search}`);
  };
  const onDragStart = ({ active }: DragStartEvent) =>
    setDragged((active.data.current as { texts: string[] } | undefined)?.texts ?? []);
  const onDragEnd = ({ over }: DragEndEvent) => {
    if (over && list) void moveTo(list, String(over.id), dragged);
    setDragged([]);
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      onDragStart={onDragStart}
      onDragEnd={onDragEnd}
      onDragCancel={() => setDragged([])}
    >
      <div className="flex min-h-0 flex-1 gap-5 small:flex-col">
        <section aria-label="Lists" className="flex w-[210px] shrink-0 flex-col mid:w-[248px] small:w-full">
          <div className="mb-2 flex h-8 items-center justify-between">
            <h2 className="text-[13px] text-ink-2">Lists ({lists.length})</h2>
            <Button onClick={() => void makeNew()}>
              <Plus size={15} aria-hidden="true" /> New list
            </Button>
          </div>
          <ListRail lists={lists} posts={posts} currentId={currentId} search={search} />
        </section>
        {list ? (
          <ListView key={list.id} list={list} lists={lists} posts={posts} />
        ) : (
          <div className="flex-1 border border-rule bg-sheet p-8">
            {read.state === "failed" ? (
              <Failed
                what="The list could not be read"
                why={read.why}
                safe="It is unchanged."
                onRetry={read.retry}
              />
            ) : read.state === "loading" ? (
              <p role="status" className="text-ink-2">
                Reading the list …
              </p>
            ) : lists.length ? (
              <p>This list is no longer in the workspace. Choose another one on the left.</p>
            ) : (
              <>
                <h2 className="font-serif text-xl">No lists yet</h2>
                <p className="mt-1 max-w-xl text-ink-2">
                  A list holds the keywords of one post: its target and what supports it. Make one here, or
                  from what you choose in a look-up.
                </p>
              </>
            )}
          </div>
        )}
      </div>
      <DragOverlay dropAnimation={null}>
        {dragged.length > 0 && (
          <span className="inline-block rounded border border-proof bg-sheet px-3 py-1 shadow-lg">
            {dragged.length === 1 ? dragged[0] : `${dragged.length} keywords`}
          </span>
        )}
      </DragOverlay>
    </DndContext>
  );
}
