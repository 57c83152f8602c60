import { useEffect, useState } from "react";
import { assetId, getAsset } from "../../data/assets";

/** An address that the browser can show: pictures of the workspace come from the database, others are not fetched. */
export function usePictureSource(src: string): string | null {
  const embedded = src.startsWith("data:image/") ? src : null;
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    const id = assetId(src);
    if (!id) return;
    let made: string | null = null;
    let live = true;
    void getAsset(id).then((asset) => {
      if (!asset || !live) return;
      made = URL.createObjectURL(asset.blob);
      setUrl(made);
    });
    return () => {
      live = false;
      setUrl(null);
      if (made) URL.revokeObjectURL(made);
    };
  }, [src]);
  return embedded ?? url;
}
