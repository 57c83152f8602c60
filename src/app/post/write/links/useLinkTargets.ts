import { useMemo } from "react";
import { derivedHeadingIds } from "../../../../core/draft/headingIds";
import type { LinkTarget } from "../../../../core/links/linkChoices";
import { postPath } from "../../../../data/draft";
import type { Post, Site } from "../../../../data/model";
import { useAppSelector } from "../../../store/hooks";
import type { PostSession } from "../../../store/postSession";
import type { RootState } from "../../../store/reducer";
import { selectPosts } from "../../../store/selectors";
import { usePostSession } from "../../SessionContext";

/** Posts and pages of the site, but for the post itself. */
export function siteTargets(posts: readonly Post[], site: Site, own: string): LinkTarget[] {
  return [
    ...posts
      .filter(({ id, slug }) => id !== own && slug)
      .map(
        (post): LinkTarget => ({
          kind: "post",
          href: postPath(post, site),
          title: post.title || post.slug,
          keyword: post.keyword,
        }),
      ),
    ...site.pages.map(({ path }): LinkTarget => ({ kind: "page", href: path, title: path, keyword: "" })),
  ];
}

function sectionTargets(session: PostSession): LinkTarget[] {
  const blocks = session.blocks();
  return [...derivedHeadingIds(blocks)].map(([at, id]) => ({
    kind: "section",
    href: `#${id}`,
    title: blocks[at]!.text,
    keyword: "",
  }));
}

/** The same outside a render: what a phrase under the cursor is looked up in. */
export function currentTargets(state: RootState): LinkTarget[] {
  return siteTargets(selectPosts(state), state.session.site, state.openPost.post?.id ?? "");
}

/** All that a link of the open post may lead to without leaving the site. */
export function useLinkTargets(): LinkTarget[] {
  const posts = useAppSelector(selectPosts);
  const site = useAppSelector((state) => state.session.site);
  const session = usePostSession();
  return useMemo(
    () => [...siteTargets(posts, site, session.postId), ...sectionTargets(session)],
    [posts, site, session],
  );
}
