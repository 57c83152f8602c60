/** What a link's card says: read once from the page, and kept. */
import { postAddressPath, samePath } from "../../../core/site/addresses";
import { ASSET_PREFIX } from "../../../data/assets";
import { selectPosts } from "../../store/selectors";
import type { AppThunk } from "../../store/thunk";
import { keepPicture, PictureError } from "./keepPicture";

export interface CardText {
  title: string;
  description: string;
  /** As documents name pictures; empty for none. */
  picture: string;
}

/**
 * @param href a whole address, or a path on the site
 * @throws PageNotRead, whose message is for the person
 */
export const readLinkCard =
  (href: string, signal: AbortSignal): AppThunk<Promise<CardText>> =>
  async (dispatch, getState, { pages }) => {
    const state = getState();
    const { site } = state.session;
    const own = new URL(href, site.origin);
    if (own.origin === site.origin) {
      const post = selectPosts(state).find(
        (one) => samePath(postAddressPath(one, site)) === samePath(decodeURI(own.pathname)),
      );
      // A post of the workspace needs no asking: it may not even be live yet.
      if (post)
        return {
          title: post.title,
          description: post.excerpt || post.description,
          picture: post.leadPicture?.src || post.socialPicture || "",
        };
    }
    const { page } = await pages.readAddress(own.href, signal);
    const { title, socialPicture } = page.draft.meta;
    return {
      title: title || page.title || own.host,
      description: page.description,
      picture: socialPicture ? await dispatch(keepCardPicture(socialPicture, own.href, signal)) : "",
    };
  };

/** A card without its picture is a card: one that cannot be had is left out. */
const keepCardPicture =
  (address: string, page: string, signal: AbortSignal): AppThunk<Promise<string>> =>
  async (dispatch, _getState, { pages }) => {
    const url = URL.canParse(address, page) ? new URL(address, page) : null;
    if (!url) return "";
    const bytes = await pages.readPicture(url.href, signal).catch(() => null);
    signal.throwIfAborted();
    if (!bytes) return "";
    const name = decodeURIComponent(url.pathname.split("/").at(-1) ?? "") || "picture";
    try {
      const asset = await dispatch(keepPicture(new File([bytes], name), false));
      return `${ASSET_PREFIX}${asset.id}`;
    } catch (error) {
      if (error instanceof PictureError) return "";
      throw error;
    }
  };
