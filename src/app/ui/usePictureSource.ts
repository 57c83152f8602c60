import { useEffect, useState } from "react";
import { assetId, getAsset } from "../../data/assets";
import { readOnScreen } from "./attemptRead";
import { letGo } from "./letGo";

/** Told on the window where the file of a picture is another one now; its detail is the picture's id. */
export const ASSET_CHANGED = "picture-changed";

/**
 * An address that the browser can show: pictures of the workspace come from the database, others are not fetched.
 *
 * @returns null where there is none to show, and undefined while that is not known yet
 */
export function usePictureSource(src: string): string | null | undefined {
  const embedded = src.startsWith("data:image/") ? src : null;
  const [url, setUrl] = useState<string | null | undefined>(undefined);
  useEffect(() => {
    const id = assetId(src);
    if (!id) return;
    let made: string | null = null;
    let live = true;
    const show = () =>
      readOnScreen(() =>
        getAsset(id).then((asset) => {
          if (!live) return;
          if (made) letGo(made);
          made = null;
          if (!asset) {
            setUrl(null);
            return;
          }
          made = URL.createObjectURL(asset.blob);
          setUrl(made);
        }),
      );
    const onChange = (event: Event) => {
      if ((event as CustomEvent<string>).detail === id) show();
    };
    show();
    window.addEventListener(ASSET_CHANGED, onChange);
    return () => {
      live = false;
      window.removeEventListener(ASSET_CHANGED, onChange);
      setUrl(undefined);
      if (made) letGo(made);
    };
  }, [src]);
  return embedded ?? (assetId(src) ? url : null);
}
