import { useEffect, useState } from "react";
import { assetId, getAsset } from "../../data/assets";
import { letGo } from "../ui/letGo";
import { useLive } from "./useLive";

/** Told on the window where the file of a picture is another one now; its detail is the picture's id. */
export const ASSET_CHANGED = "picture-changed";

/**
 * An address that the browser can show: pictures of the workspace come from the database, others are not fetched.
 *
 * @returns null where there is none to show, and undefined while that is not known yet
 */
export function usePictureSource(src: string): string | null | undefined {
  const id = assetId(src);
  const asset = useLive(async () => (id ? ((await getAsset(id)) ?? null) : null), [id]);
  const blob = asset.state === "ready" && asset.value ? asset.value.blob : null;
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    if (!blob) return setUrl(null);
    const address = URL.createObjectURL(blob);
    setUrl(address);
    return () => letGo(address);
  }, [blob]);
  if (src.startsWith("data:image/")) return src;
  if (!id || (asset.state === "ready" && !asset.value)) return null;
  return url ?? undefined;
}
