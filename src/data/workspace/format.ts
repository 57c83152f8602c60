/** What a workspace file says that it is. */
export const FORMAT = "dune-sparrow-workspace";
/** The version that is written. Files from before there was a manifest are of version 1. */
export const VERSION = 2;
