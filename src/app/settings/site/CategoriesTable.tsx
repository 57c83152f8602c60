/** What each category says of itself and holds; its posts can be moved to another, all at once. */
import { useState } from "react";
import { categoryTree } from "../../../core/site/categories";
import type { Category } from "../../../core/site/shapes";
import { plainSlug } from "../../../core/site/slugs";
import { ASSET_PREFIX } from "../../../data/assets";
import type { Post } from "../../../data/model";
import { changePost } from "../../publishing/changePost";
import { changeSite } from "../../store/changeSite";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { selectPosts } from "../../store/selectors";
import { usePictureSource } from "../../store/usePictureSource";
import { attemptRead } from "../../ui/attemptRead";
import { categoryOptions } from "../../ui/categoryOptions";
import { count } from "../../ui/figures";
import { lazyPart } from "../../ui/part";
import { Select } from "../../ui/Select";
import { toast } from "../../ui/toast";
import { CommittedField } from "../CommittedField";
import { useSiteMoves } from "./useSiteMoves";

const ShelfSheet = lazyPart(
  "This part",
  async () => (await import("../../post/write/shelf/ShelfSheet")).ShelfSheet,
);

/** What a site does best with, at the top. */
const FEW = 5;

export function CategoriesTable() {
  const dispatch = useAppDispatch();
  const site = useAppSelector((state) => state.session.site);
  const posts = useAppSelector(selectPosts);
  const { propose, sheet } = useSiteMoves();
  /** Refused changes leave fields as they were: they are drawn anew. */
  const [refusals, setRefusals] = useState(0);
  const change = (id: string, changes: Partial<Category>) =>
    attemptRead(
      propose({
        next: {
          ...site,
          categories: site.categories.map((one) => (one.id === id ? { ...one, ...changes } : one)),
        },
        why: "category moved",
        store: ({ categories }) => dispatch(changeSite({ categories })),
        onRefused: () => setRefusals((n) => n + 1),
      }),
    );
  const move = async (from: string, to: string): Promise<void> => {
    const moved = posts.filter(({ categories }) => (from ? categories[0] === from : !categories.length));
    const before = new Map(moved.map(({ id, categories }) => [id, categories]));
    for (const post of moved) await dispatch(changePost(post.id, { categories: filedIn(post, to) }));
    const live = moved.some(({ status }) => status === "live");
    const moves = live && site.addressPattern === "category/slug";
    toast(
      `${count(moved.length, "post")} moved.${moves ? " Send the changes of those that are live: the blog then leads from their old addresses to the new ones." : ""}`,
      {
        action: {
          label: "Undo",
          onClick: () =>
            attemptRead(
              Promise.all([...before].map(([id, categories]) => dispatch(changePost(id, { categories })))),
            ),
        },
      },
    );
  };
  const top = site.categories.filter(({ parent }) => parent === null).length;
  const unfiled = posts.filter(({ categories }) => !categories.length).length;
  return (
    <>
      <p className="text-[13px] text-ink-2">
        {top > FEW
          ? `${top} categories stand at the top: a site does best with about ${FEW}. Put some under others, above.`
          : "The tree itself is set above, in Categories."}
      </p>
      <table className="w-full border-collapse text-[13px]">
        <thead>
          <tr className="text-left text-ink-2">
            <th scope="col" className="w-[26%] py-1 font-normal">
              Category
            </th>
            <th scope="col" className="w-[20%] px-2 py-1 font-normal">
              In addresses
            </th>
            <th scope="col" className="px-2 py-1 font-normal">
              What its page says
            </th>
            <th scope="col" className="w-[24%] py-1 pl-2 font-normal">
              Its posts
            </th>
          </tr>
        </thead>
        <tbody key={refusals}>
          {categoryTree(site.categories).map(({ category, depth }) => (
            <tr key={category.id} className="border-t border-rule align-top">
              <th
                scope="row"
                className="py-1.5 text-left text-[14px] font-normal"
                style={{ paddingInlineStart: depth * 16 }}
              >
                {category.name}
              </th>
              <td className="px-2 py-1">
                <CommittedField
                  aria-label={`Address part of ${category.name}`}
                  value={category.slug}
                  fault={(text) =>
                    text.trim() === plainSlug(text) && text.trim()
                      ? null
                      : "Use small letters, figures and hyphens."
                  }
                  onCommit={(slug) => change(category.id, { slug })}
                />
              </td>
              <td className="px-2 py-1">
                <CommittedField
                  aria-label={`Description of ${category.name}`}
                  value={category.description}
                  fault={() => null}
                  onCommit={(description) => change(category.id, { description })}
                />
                <CategoryPicture
                  category={category}
                  onChange={(picture) => change(category.id, { picture })}
                />
              </td>
              <td className="py-1 pl-2">
                <MovePosts
                  what={category.name}
                  posts={posts.filter(({ categories }) => categories[0] === category.id).length}
                  options={categoryOptions(site.categories.filter(({ id }) => id !== category.id))}
                  onMove={(to) => attemptRead(move(category.id, to))}
                />
              </td>
            </tr>
          ))}
          {unfiled > 0 && (
            <tr className="border-t border-rule">
              <th scope="row" colSpan={3} className="py-1.5 text-left text-[14px] font-normal text-plum">
                In no category: no list page but the blog's own shows them.
              </th>
              <td className="py-1 pl-2">
                <MovePosts
                  what="no category"
                  posts={unfiled}
                  options={categoryOptions(site.categories)}
                  onMove={(to) => attemptRead(move("", to))}
                />
              </td>
            </tr>
          )}
        </tbody>
      </table>
      {sheet}
    </>
  );
}

interface PictureProps {
  category: Category;
  onChange: (picture: string) => void;
}

function CategoryPicture({ category: { name, picture = "" }, onChange }: PictureProps) {
  const [choosing, setChoosing] = useState(false);
  const source = usePictureSource(picture);
  return (
    <span className="mt-1 flex flex-wrap items-center gap-3">
      {source && <img src={source} alt="" className="h-9 w-14 border border-rule object-cover" />}
      <button
        type="button"
        className="quiet-link"
        aria-label={`${picture ? "Another picture" : "Picture"} of ${name}`}
        onClick={() => setChoosing(true)}
      >
        {picture ? "another picture" : "picture"}
      </button>
      {picture && (
        <button
          type="button"
          className="quiet-link"
          aria-label={`No picture of ${name}`}
          onClick={() => onChange("")}
        >
          no picture
        </button>
      )}
      {choosing && (
        <ShelfSheet
          title={`Picture of ${name}`}
          onTake={({ asset }) => onChange(`${ASSET_PREFIX}${asset.id}`)}
          onClose={() => setChoosing(false)}
        />
      )}
    </span>
  );
}

/** A post's categories with another primary one. */
const filedIn = ({ categories }: Pick<Post, "categories">, to: string): string[] => [
  to,
  ...categories.slice(1).filter((id) => id !== to),
];

interface MoveProps {
  what: string;
  posts: number;
  options: readonly { value: string; label: string }[];
  onMove: (to: string) => void;
}

function MovePosts({ what, posts, options, onMove }: MoveProps) {
  if (!posts || !options.length) return <span className="figures leading-8 text-ink-2">{posts}</span>;
  return (
    <span className="flex items-center gap-2">
      <span className="figures w-5 text-right">{posts}</span>
      <Select
        label={`Move the posts of ${what} to`}
        value=""
        placeholder="Move to …"
        options={options}
        onChange={onMove}
        className="min-w-0 flex-1"
      />
    </span>
  );
}
