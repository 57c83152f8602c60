import type { Element } from "hast";
import { h } from "hastscript";
import { filesOf } from "../../draft/files";
import { samePath } from "../addresses";
import { categoryPath } from "../categories";
import type { CategoryShelf, PlacedPost, SiteContext } from "../context";
import { fileOfPath } from "../files";
import { addressOf, hrefOf, hrefsIn, type Led, linkLeader } from "../links";
import { articleOf } from "../parts/article";
import { byline } from "../parts/byline";
import { card } from "../parts/card";
import { blogTrail, type Crumb, framed, trailNav } from "../parts/frame";
import { meta, property, text } from "../parts/html";
import { blogPosting, breadcrumbList } from "../parts/jsonLd";
import { pageTitle } from "../parts/pageBlocks";
import { imageProperties } from "../parts/pictureFiles";
import { faqPage } from "../parts/questionPairs";
import { defineFiles, type FilePlan, type Written } from "../plan";

/** Cards of other posts below a post. */
const OTHERS = 3;

interface Around {
  newer: PlacedPost | undefined;
  older: PlacedPost | undefined;
  others: readonly PlacedPost[];
  shelf: CategoryShelf | undefined;
}

/** One page a post. */
export const post = defineFiles({
  id: "post",
  plan(context) {
    const { posts } = context;
    const lead = linkLeader(context, pathsOf(context));
    return posts.map((placed, at): FilePlan => {
      const shelf = context.categories.find(({ category }) => category.id === placed.post.categories[0]);
      const others = (shelf?.posts ?? [])
        .slice(0, OTHERS + 1)
        .filter((one) => one !== placed)
        .slice(0, OTHERS);
      const around: Around = { newer: posts[at - 1], older: posts[at + 1], others, shelf };
      const led = new Map(hrefsIn(placed.post.blocks).map((href) => [href, lead(href, placed)]));
      return {
        file: fileOfPath(placed.path),
        type: "text/html",
        path: placed.path,
        ...(!placed.post.canonical && { listed: (placed.updated ?? placed.published)?.iso ?? "" }),
        from: [
          context.frame,
          context.site.listPages,
          placed.post,
          placed.path,
          // An author that only posts name is a new one each time; what is said of one is not.
          JSON.stringify(authorOf(context, placed)),
          ...srcsOf(placed).map(context.fileOf),
          ...[around.newer, around.older, ...others].flatMap((one) => (one ? [one.post, one.path] : [null])),
          ...others.map(({ lead: picture }) => picture && context.pictures.get(picture.src)),
          ...context.translationsOf(placed).flatMap((one) => [one.path, one.post.language]),
          ...[...led.values()].map((one) => (one.kind === "nowhere" ? one.says : one.href)),
          shelf?.category,
        ],
        write: () => page(context, placed, around, (href) => led.get(href) ?? lead(href, placed)),
      };
    });
  },
});

const authorOf = ({ authors }: SiteContext, { post }: PlacedPost) =>
  authors.find(({ author }) => author.name === post.author)?.author;

const srcsOf = ({ post, lead }: PlacedPost): string[] => [
  ...(lead ? [lead.src] : []),
  post.socialPicture,
  ...filesOf(post.blocks),
];

/** Every page that a post may link to, by what a server takes for the same. */
function pathsOf(context: SiteContext): Map<string, string> {
  const { posts, pages, listed, categories, tags, authors } = context;
  return new Map(
    [
      ...[...authors, ...tags, ...categories, listed, ...pages, ...posts].map(({ path }) => path),
      // What stands at the root of every site.
      ...["/feed.xml", "/feed.json", "/sitemap.xml"],
    ].map((path) => [samePath(path), path]),
  );
}

function page(
  context: SiteContext,
  placed: PlacedPost,
  around: Around,
  lead: (href: string) => Led,
): Written {
  const { site, words } = context;
  const { post, path, published, lead: picture } = placed;
  const title = pageTitle(post);
  const { nodes, lightboxes, files, says } = articleOf(context, placed, lead);
  const above = categoryPath(site.categories, post.categories[0] ?? "").flatMap(({ id, name }): Crumb[] => {
    const shelf = context.categories.find(({ category }) => category.id === id);
    return shelf ? [{ name, path: shelf.path }] : [];
  });
  const trail = [...blogTrail(context), ...above];
  const cards = around.others.map((other) => card(context, other, 3));
  const top =
    picture && post.leadPicture === picture && post.leadWidth !== "none" ? leadFigure(context, placed) : null;
  const section = above.at(-1)?.name ?? "";
  const html = framed(
    context,
    {
      title: (post.metaTitle || title) + site.titleSuffix,
      description: post.description || placed.excerpt,
      path,
      canonical: post.canonical,
      kind: "article",
      language: post.language || site.language,
      picture: post.socialPicture ? { src: post.socialPicture, alt: picture?.alt ?? "" } : picture,
      more: [
        ...alternates(context, placed),
        meta("author", post.author),
        property("article:published_time", published?.iso ?? ""),
        property("article:modified_time", placed.updated?.iso ?? ""),
        property("article:section", section),
        ...post.tags.map((tag) => property("article:tag", tag)),
      ],
      data: [
        blogPosting(context, placed, section),
        breadcrumbList(context, [...trail, { name: title, path }]),
        faqPage(post.blocks),
      ],
    },
    [
      trailNav(context, trail),
      h("article", {}, [
        h("header", {}, [h("h1", {}, [text(title)]), byline(context, placed, true)]),
        ...(top ? [text("\n"), top.element] : []),
        ...nodes.flatMap((node) => [text("\n"), node]),
        ...foot(context, placed),
        text("\n"),
      ]),
      around.newer || around.older ? neighbours(context, around) : null,
      cards.length && around.shelf
        ? h("section", { className: ["others"], ariaLabelledBy: ["others.head"] }, [
            h("h2", { id: "others.head" }, [text(words.moreIn(around.shelf.category.name))]),
            ...cards.map(({ element }) => element),
          ])
        : null,
      ...lightboxes,
    ],
    [...files, ...(top?.files ?? []), ...cards.flatMap((one) => one.files)],
  );
  return { ...html, says };
}

function leadFigure(context: SiteContext, { post }: PlacedPost) {
  const wide = post.leadWidth === "full";
  const { properties, files } = imageProperties(
    context,
    post.leadPicture!,
    wide ? "100vw" : "(min-width: 46rem) 42rem, 100vw",
    "eager",
  );
  return {
    element: h("figure", { className: ["lead", ...(wide ? ["full"] : [])] }, [h("img", properties)]),
    files,
  };
}

/** What stands under the text: where it is about, its tags, and who wrote it. */
function foot(context: SiteContext, placed: PlacedPost): Element[] {
  const { post } = placed;
  const { words } = context;
  const tags = [...new Set(post.tags.map(context.tagAt))].filter((tag) => tag !== undefined);
  const author = authorOf(context, placed);
  const translations = context.translationsOf(placed);
  const copies = post.syndicated.filter((one) => /^https?:/i.test(one) && URL.canParse(one));
  const parts = [
    post.location &&
      h("p", { className: ["place"] }, [
        text([post.location.name, post.location.place].filter(Boolean).join(", ")),
      ]),
    tags.length > 0 &&
      h("p", { className: ["tags"] }, [
        text(`${words.tags}: `),
        ...tags.flatMap(({ tag, path }, at) => [
          text(at ? ", " : ""),
          h("a", { href: hrefOf(context, path), rel: ["tag"] }, [text(tag)]),
        ]),
      ]),
    copies.length > 0 &&
      linksLine(
        words.alsoAt,
        copies.map((address) =>
          h("a", { href: address, rel: ["syndication"], className: ["u-syndication"] }, [
            text(new URL(address).host),
          ]),
        ),
      ),
    translations.length > 0 &&
      linksLine(
        words.translations,
        translations.map((one) =>
          h(
            "a",
            {
              href: hrefOf(context, one.path),
              hrefLang: one.post.language,
              lang: one.post.language,
              rel: ["alternate"],
            },
            [text(languageName(one.post.language))],
          ),
        ),
      ),
    author?.biography &&
      h("aside", { className: ["author"] }, [
        h("p", {}, [
          h("strong", {}, [text(author.name)]),
          text(author.guest ? ` (${words.guest}). ${author.biography}` : `. ${author.biography}`),
        ]),
      ]),
  ].filter((part): part is Element => Boolean(part));
  return parts.length ? [h("footer", {}, parts)] : [];
}

const linksLine = (before: string, links: readonly Element[]): Element =>
  h("p", { className: ["tags"] }, [
    text(`${before}: `),
    ...links.flatMap((link, at) => (at ? [text(", "), link] : [link])),
  ]);

/** A language by its own name: "Deutsch". */
function languageName(language: string): string {
  try {
    return new Intl.DisplayNames([language], { type: "language" }).of(language) ?? language;
  } catch {
    return language;
  }
}

/** Which page is for whom, told to search engines: each version names all of them, itself too. */
function alternates(context: SiteContext, placed: PlacedPost): Element[] {
  const others = context.translationsOf(placed);
  if (!others.length) return [];
  return [placed, ...others].map(({ post, path }) =>
    h("link", {
      rel: ["alternate"],
      hrefLang: post.language || context.site.language,
      href: addressOf(context, path),
    }),
  );
}

function neighbours(context: SiteContext, { newer, older }: Around): Element {
  const { words } = context;
  const line = (name: string, to: PlacedPost, rel: string) =>
    h("li", {}, [
      text(`${name}: `),
      h("a", { href: hrefOf(context, to.path), rel: [rel] }, [text(pageTitle(to.post))]),
    ]);
  return h("nav", { className: ["turns"], ariaLabel: `${words.newer}, ${words.older}` }, [
    h("ul", {}, [
      ...(newer ? [line(words.newer, newer, "next")] : []),
      ...(older ? [line(words.older, older, "prev")] : []),
    ]),
  ]);
}
