import { h } from "hastscript";
import type { Static } from "../../declare";
import * as is from "../../declare";
import { defineBlock } from "../kind";
import { id, word } from "../rules";
import { containerShape, oneOf } from "../shape";

export const GALLERY_LAYOUTS = ["row", "grid", "column"] as const;
export type GalleryLayout = (typeof GALLERY_LAYOUTS)[number];

/** Pictures that are shown together. */
const galleryShape = containerShape("gallery", { layout: is.oneOf(GALLERY_LAYOUTS) });
export type Gallery = Static<typeof galleryShape>;

export const gallery = defineBlock<never, Gallery>({
  containers: [galleryShape],
  htmlAllowed: { attributes: { "*": ["dataLayout"] } },
  pageStyle: `
[data-block=gallery]{display:grid;gap:1rem;grid-auto-flow:column;grid-auto-columns:1fr}[data-block=gallery] figure{margin:0}
[data-layout=grid]{grid-auto-flow:row;grid-template-columns:1fr 1fr}[data-block=gallery]:not([data-layout=column]) img{width:100%;aspect-ratio:3/2;object-fit:cover}[data-layout=column]{grid-auto-flow:row;grid-auto-columns:auto}`,
  nodes: {
    gallery: {
      content: "picture+",
      group: "block",
      attributes: { id, layout: word(GALLERY_LAYOUTS, "row") },
    },
  },
  fromEditor: {
    gallery({ key, attrs, inside }) {
      const container: Gallery = {
        type: "gallery",
        id: `${key}g`,
        layout: oneOf(GALLERY_LAYOUTS, attrs.layout),
      };
      inside(container);
    },
  },
  groupToEditor: {
    /** Pictures stay together; what else stood among them follows. */
    gallery({ layout }, items, { build, inner }) {
      const built = build(inner(items));
      const pictures = built.filter(({ type }) => type === "picture");
      const others = built.filter(({ type }) => type !== "picture");
      return [
        ...(pictures.length ? [{ type: "gallery", attrs: { layout }, content: pictures }] : []),
        ...others,
      ];
    },
  },
  fromMarkedHtml: {
    gallery(node, place, reader) {
      const layout = oneOf(GALLERY_LAYOUTS, node.properties.dataLayout);
      const container: Gallery = { type: "gallery", id: reader.fresh("g"), layout };
      reader.inside(node, container, place);
    },
  },
  wrapHtml: {
    gallery: ({ layout }) => h("div", { dataBlock: "gallery", dataLayout: layout }),
  },
});
