import { x } from "xastscript";
import { addressOf } from "../links";
import { defineFiles, written } from "../plan";
import { writeXml } from "./xml";

/** Addresses in one file at most, as the protocol has it. */
const MOST = 50_000;

/** Every page that search engines should list (Sitemap protocol 0.9). */
export const sitemap = defineFiles({
  id: "sitemap",
  plan(context, planned) {
    const listed = planned
      .flatMap(({ path, listed: changed }) =>
        path === undefined || changed === undefined ? [] : [{ address: addressOf(context, path), changed }],
      )
      .slice(0, MOST);
    return [
      {
        file: "sitemap.xml",
        type: "application/xml",
        from: [listed.map(({ address, changed }) => `${address} ${changed}`).join("\n")],
        write: () =>
          written(
            writeXml(
              x(
                "urlset",
                { xmlns: "http://www.sitemaps.org/schemas/sitemap/0.9" },
                listed.map(({ address, changed }) =>
                  x("url", [
                    x("loc", address),
                    ...(changed ? [x("lastmod", changed.replace(/\.\d{3}Z$/, "Z"))] : []),
                  ]),
                ),
              ),
            ),
          ),
      },
    ];
  },
});
