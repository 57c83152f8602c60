/** Cuts a picture to the part that is shown; the whole stays with the site's pictures. */
import { useState } from "react";
import { ASSET_PREFIX, assetId } from "../../../data/assets";
import { lazyPart } from "../../ui/part";

const CropSheet = lazyPart("This part", async () => (await import("../write/CropSheet")).CropSheet);

interface Props {
  /** As documents name pictures. */
  src: string;
  label: string;
  onTake: (src: string) => void;
}

export function CropButton({ src, label, onTake }: Props) {
  const [cropping, setCropping] = useState(false);
  if (!assetId(src)) return null;
  return (
    <>
      <button type="button" className="quiet-link" onClick={() => setCropping(true)}>
        {label}
      </button>
      {cropping && (
        <CropSheet
          src={src}
          focus={null}
          partOnly
          onTake={(asset) => {
            if (asset) onTake(`${ASSET_PREFIX}${asset.id}`);
          }}
          onClose={() => setCropping(false)}
        />
      )}
    </>
  );
}
