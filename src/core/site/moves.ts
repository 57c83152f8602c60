/** Addresses that change with the settings of a site. */
import { postAddressPath } from "./addresses";
import type { AddressPattern, Category } from "./shapes";

interface Addressed {
  basePath: string;
  addressPattern: AddressPattern;
  categories: readonly Category[];
}

export interface Move {
  postId: string;
  title: string;
  from: string;
  to: string;
}

/** @returns posts whose address is another by what the site says now */
export function movedAddresses(
  posts: readonly { id: string; title: string; slug: string; categories: readonly string[] }[],
  before: Addressed,
  after: Addressed,
): Move[] {
  return posts
    .filter(({ slug }) => slug)
    .map((post) => ({
      postId: post.id,
      title: post.title,
      from: postAddressPath(post, before),
      to: postAddressPath(post, after),
    }))
    .filter(({ from, to }) => from !== to);
}
