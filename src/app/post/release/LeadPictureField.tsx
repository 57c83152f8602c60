/** The picture on top of the page and on its card, where that is not the first of the text. */
import { useState } from "react";
import { LEAD_WIDTHS, type LeadWidth } from "../../../core/site/shapes";
import { ASSET_PREFIX } from "../../../data/assets";
import type { Post } from "../../../data/model";
import { usePictureSource } from "../../store/usePictureSource";
import { lazyPart } from "../../ui/part";
import { Select } from "../../ui/Select";

import { CropButton } from "./CropButton";

const ShelfSheet = lazyPart("This part", async () => (await import("../write/shelf/ShelfSheet")).ShelfSheet);

const WIDTHS: Record<LeadWidth, string> = {
  full: "As wide as the page",
  text: "As wide as the text",
  none: "On cards only",
};

interface Props {
  post: Post;
  readOnly: boolean;
  onChange: (changes: Partial<Post>) => void;
}

export function LeadPictureField({ post, readOnly, onChange }: Props) {
  const [choosing, setChoosing] = useState(false);
  const { leadPicture, leadWidth = "text" } = post;
  const source = usePictureSource(leadPicture?.src ?? "");
  return (
    <fieldset aria-label="Lead picture" className="flex flex-col gap-1.5 py-1">
      {leadPicture && (
        <div className="flex flex-wrap items-start gap-3">
          {source && <img src={source} alt="" className="h-20 w-32 border border-rule object-cover" />}
          <div className="flex min-w-48 flex-1 flex-col gap-1.5">
            <input
              aria-label="Alt text of the lead picture"
              placeholder="Alt text: what it shows"
              className="line-field"
              readOnly={readOnly}
              value={leadPicture.alt}
              onChange={(event) => onChange({ leadPicture: { ...leadPicture, alt: event.target.value } })}
            />
            <Select
              label="Width of the lead picture"
              disabled={readOnly}
              value={leadWidth}
              options={LEAD_WIDTHS.map((value) => ({ value, label: WIDTHS[value] }))}
              onChange={(width) => onChange({ leadWidth: width })}
            />
          </div>
        </div>
      )}
      <p className="flex flex-wrap gap-x-4 text-[13px] text-ink-2">
        {leadPicture ? "" : "The first picture of the text leads."}
        {!readOnly && (
          <button type="button" className="quiet-link" onClick={() => setChoosing(true)}>
            {leadPicture ? "Choose another lead picture" : "Choose a lead picture"}
          </button>
        )}
        {!readOnly && leadPicture && (
          <CropButton
            src={leadPicture.src}
            label="Crop it"
            onTake={(src) => onChange({ leadPicture: { ...leadPicture, src } })}
          />
        )}
        {!readOnly && leadPicture && (
          <button type="button" className="quiet-link" onClick={() => onChange({ leadPicture: null })}>
            Use the first of the text
          </button>
        )}
      </p>
      {choosing && (
        <ShelfSheet
          title="Lead picture"
          onTake={({ asset, alt }) => onChange({ leadPicture: { src: `${ASSET_PREFIX}${asset.id}`, alt } })}
          onClose={() => setChoosing(false)}
        />
      )}
    </fieldset>
  );
}
