/** How pages that list posts look, and what holds for posts that say nothing of themselves. */
import { useState } from "react";
import { COMMENTS, type Comments, type ListPages } from "../../../core/site/shapes";
import { ASSET_PREFIX } from "../../../data/assets";
import { COMMENT_NAMES } from "../../post/release/commentNames";
import { changeSite } from "../../store/changeSite";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { usePictureSource } from "../../store/usePictureSource";
import { Checkbox } from "../../ui/Checkbox";
import { FieldLine } from "../../ui/FieldLine";
import { lazyPart } from "../../ui/part";
import { Select } from "../../ui/Select";
import { CommittedField } from "../CommittedField";

const ShelfSheet = lazyPart(
  "This part",
  async () => (await import("../../post/write/shelf/ShelfSheet")).ShelfSheet,
);

const LAYOUTS = [
  { value: "standard", label: "Standard: picture, excerpt, a link to read more" },
  { value: "compact", label: "Compact: titles and dates" },
];

export function ListPagesForm() {
  const dispatch = useAppDispatch();
  const {
    listPages,
    categories,
    comments = "open",
    socialPicture = "",
  } = useAppSelector((state) => state.session.site);
  const [choosing, setChoosing] = useState(false);
  const source = usePictureSource(socialPicture);
  const change = (changes: Partial<ListPages>) =>
    void dispatch(changeSite({ listPages: { ...listPages, ...changes } }));
  return (
    <div className="flex flex-col gap-3">
      <FieldLine label="Posts a page">
        {(id) => (
          <CommittedField
            id={id}
            inputMode="numeric"
            className="figures !w-24"
            value={String(listPages.perPage)}
            fault={(text) =>
              /^\d{1,3}$/.test(text.trim()) && Number(text) >= 1 && Number(text) <= 100
                ? null
                : "Enter a whole number from 1 to 100."
            }
            onCommit={(text) => change({ perPage: Number(text) })}
          />
        )}
      </FieldLine>
      <FieldLine label="Layout">
        {(id) => (
          <Select
            id={id}
            value={listPages.layout}
            options={LAYOUTS}
            onChange={(layout) => change({ layout: layout as ListPages["layout"] })}
          />
        )}
      </FieldLine>
      <FieldLine label="Read more">
        {(id) => (
          <CommittedField
            id={id}
            placeholder="as the language has it"
            value={listPages.readMore}
            fault={() => null}
            onCommit={(readMore) => change({ readMore })}
          />
        )}
      </FieldLine>
      <FieldLine label="With a video">
        {(id) => (
          <CommittedField
            id={id}
            placeholder="as the language has it"
            value={listPages.readMoreVideo}
            fault={() => null}
            onCommit={(readMoreVideo) => change({ readMoreVideo })}
          />
        )}
      </FieldLine>
      <FieldLine
        label="The blog lists"
        hint="A live post in other categories alone is missing there; Release says so before it is published."
      >
        {() => (
          <fieldset className="flex flex-wrap gap-x-4 gap-y-1 py-1">
            <legend className="sr-only">Categories on the blog's list page</legend>
            <label className="flex items-center gap-1.5">
              <Checkbox
                checked={!listPages.categories.length}
                onChange={(all) => change({ categories: all ? [] : categories.map(({ id }) => id) })}
              />
              Every post
            </label>
            {listPages.categories.length > 0 &&
              categories.map(({ id, name }) => (
                <label key={id} className="flex items-center gap-1.5">
                  <Checkbox
                    checked={listPages.categories.includes(id)}
                    onChange={(on) =>
                      change({
                        categories: on
                          ? [...listPages.categories, id]
                          : listPages.categories.filter((one) => one !== id),
                      })
                    }
                  />
                  {name}
                </label>
              ))}
          </fieldset>
        )}
      </FieldLine>
      <FieldLine label="Comments" hint="For posts that say nothing else. Told to the blog.">
        {(id) => (
          <Select
            id={id}
            value={comments}
            options={COMMENTS.map((value) => ({ value, label: COMMENT_NAMES[value] }))}
            onChange={(value) => void dispatch(changeSite({ comments: value as Comments }))}
          />
        )}
      </FieldLine>
      <FieldLine label="Shared with" hint="The picture of pages and posts that have none of their own.">
        {() => (
          <span className="flex flex-wrap items-center gap-4 py-1 text-[13px]">
            {source && <img src={source} alt="" className="h-16 w-28 border border-rule object-cover" />}
            <button type="button" className="quiet-link" onClick={() => setChoosing(true)}>
              {socialPicture ? "Choose another picture" : "Choose a picture"}
            </button>
            {socialPicture && (
              <button
                type="button"
                className="quiet-link"
                onClick={() => void dispatch(changeSite({ socialPicture: "" }))}
              >
                No picture
              </button>
            )}
          </span>
        )}
      </FieldLine>
      {choosing && (
        <ShelfSheet
          title="Picture of the site"
          onTake={({ asset }) => void dispatch(changeSite({ socialPicture: `${ASSET_PREFIX}${asset.id}` }))}
          onClose={() => setChoosing(false)}
        />
      )}
    </div>
  );
}
