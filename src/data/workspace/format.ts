/** What a workspace file says that it is. */
export const FORMAT = "dune-sparrow-workspace";
/** The version that is written. Files from before there was a manifest are of version 1, those with categories by name of version 2. */
export const VERSION = 3;
/** The first with a manifest. */
export const FIRST_WITH_MANIFEST = 2;
