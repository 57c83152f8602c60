import type { PictureSide } from "../../../../../core/draft/draft";

export interface PictureAttributes {
  src: string;
  fileName: string;
  alt: string;
  decorative: boolean;
  bytes: number | null;
  width: number | null;
  height: number | null;
  side: PictureSide;
  focus: string | null;
}
