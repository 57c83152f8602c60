import type { Asset } from "../../../../data/model";

/** A picture taken from the shelf. */
export interface Taken {
  asset: Asset;
  /** What is known of it already; empty where nothing is. */
  alt: string;
  caption: string;
}
