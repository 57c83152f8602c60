/** A picture's part and focus: what of it the post shows, and what stays in sight where even less is shown. */

import { Fragment, useEffect, useRef, useState } from "react";
import { ReactCrop } from "react-image-crop";
import { useAppDispatch } from "../../store/hooks";
import "react-image-crop/dist/ReactCrop.css";
import { covering, isWhole, type Part, partInPixels } from "../../../core/pictures/crop";
import { focusPoint, writeFocus } from "../../../core/pictures/focus";
import { assetId } from "../../../data/assets";
import type { Asset } from "../../../data/model";
import { useAskOrTell } from "../../store/useAskOrTell";
import { Button } from "../../ui/Button";
import { whole } from "../../ui/figures";
import { Sheet } from "../../ui/Sheet";
import { Slider } from "../../ui/Slider";
import { toast } from "../../ui/toast";
import { cropPicture, uncut } from "./cropPicture";
import { Choice } from "./toolParts";

const SHAPES = [
  ["free", "free", undefined],
  ["1.91:1", "shared link", 1.91],
  ["16:9", "16:9", 16 / 9],
  ["3:2", "3:2", 3 / 2],
  ["4:3", "4:3", 4 / 3],
  ["1:1", "square", 1],
] as const;
type Shape = (typeof SHAPES)[number][0];

/** Frames that show less than the whole; the first is that of most shared links. */
const FRAMES = [
  ["Shared link", 1.91],
  ["Square", 1],
  ["Band", 3],
] as const;

const WHOLE: Part = { x: 0, y: 0, width: 100, height: 100 };

interface Props {
  src: string;
  focus: string | null;
  /** Leaves out the focus: the part is shown as it is. */
  partOnly?: boolean;
  /** @param asset the part; null where only the focus is new */
  onTake: (asset: Asset | null, focus: string | null) => void;
  onClose: () => void;
}

export function CropSheet({ src, focus, partOnly = false, onTake, onClose }: Props) {
  const title = partOnly ? "Crop" : "Crop and focus";
  const dispatch = useAppDispatch();
  const picture = useUncut(src);
  const [mode, setMode] = useState<"part" | "focus">("part");
  const [shape, setShape] = useState<Shape>("free");
  const [part, setPart] = useState<Part>(WHOLE);
  const [point, setPoint] = useState(focusPoint(focus));
  const [busy, setBusy] = useState(false);
  if (!picture)
    return (
      <Sheet title={title} wide onClose={onClose}>
        <p role="status">Opening the picture …</p>
      </Sheet>
    );
  const { asset, image } = picture;
  const { naturalWidth: width, naturalHeight: height } = image;
  const aspect = SHAPES.find(([id]) => id === shape)![2];
  const pixels = partInPixels(part, width, height);
  const take = async () => {
    setBusy(true);
    const kept = point.x === 50 && point.y === 50 ? null : writeFocus(point.x, point.y);
    // Of a picture that was cut before, the whole is a change too.
    const same = isWhole(part, width, height) && asset.id === assetId(src);
    try {
      onTake(same ? null : await dispatch(cropPicture(asset, part)), kept);
      onClose();
    } catch (error) {
      toast.error(`The part could not be kept: ${(error as Error).message} The picture is unchanged.`, {
        duration: 12_000,
      });
      setBusy(false);
    }
  };
  const fit = (next: Shape) => {
    setShape(next);
    const ratio = SHAPES.find(([id]) => id === next)![2];
    if (!ratio) return;
    const seen = covering(pixels.width, pixels.height, ratio, { x: 50, y: 50 });
    setPart({
      x: ((pixels.left + seen.left) / width) * 100,
      y: ((pixels.top + seen.top) / height) * 100,
      width: (seen.width / width) * 100,
      height: (seen.height / height) * 100,
    });
  };
  const shown = (
    <img src={image.src} alt="Original, uncropped" className="block max-h-[58vh] w-auto max-w-full" />
  );
  return (
    <Sheet title={title} wide onClose={onClose}>
      <div className="grid grid-cols-[minmax(0,1fr)_17rem] gap-6">
        <div>
          {!partOnly && (
            <div className="mb-2 flex items-center gap-3 text-[13px]">
              <Choice
                label="Set"
                options={[
                  ["part", "the part"],
                  ["focus", "the focus"],
                ]}
                value={mode}
                onChange={setMode}
              />
            </div>
          )}
          <div className="flex min-h-64 items-center justify-center border border-rule bg-paper p-2">
            {mode === "part" ? (
              <ReactCrop
                crop={{ ...part, unit: "%" }}
                {...(aspect && { aspect })}
                keepSelection
                minWidth={16}
                minHeight={16}
                ruleOfThirds
                onChange={(_pixels, { x, y, width: w, height: h }) => setPart({ x, y, width: w, height: h })}
              >
                {shown}
              </ReactCrop>
            ) : (
              <button
                type="button"
                aria-label="Set the focus here"
                className="relative cursor-crosshair"
                onClick={(event) => {
                  const box = event.currentTarget.getBoundingClientRect();
                  // From the keyboard there is no place: the sliders are for that.
                  if (event.detail)
                    setPoint(
                      inPart(
                        (event.clientX - box.left) / box.width,
                        (event.clientY - box.top) / box.height,
                        part,
                      ),
                    );
                }}
              >
                {shown}
                <span
                  aria-hidden="true"
                  className="absolute h-5 w-5 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-sheet outline-2 outline-proof"
                  style={{
                    left: `${part.x + (point.x * part.width) / 100}%`,
                    top: `${part.y + (point.y * part.height) / 100}%`,
                  }}
                />
              </button>
            )}
          </div>
        </div>
        <div className="flex flex-col gap-4 text-[13px]">
          <section aria-label="The part">
            <Choice
              label="Shape"
              options={SHAPES.map(([id, name]) => [id, name] as const)}
              value={shape}
              onChange={fit}
            />
            <p className="figures mt-2">
              {whole(pixels.width)} × {whole(pixels.height)} of {whole(width)} × {whole(height)} pixels
            </p>
            <button
              type="button"
              className="quiet-link mt-1"
              onClick={() => {
                setShape("free");
                setPart(WHOLE);
              }}
            >
              The whole picture
            </button>
          </section>
          {!partOnly && (
            <>
              <section
                aria-label="The focus"
                className="grid grid-cols-[4rem_1fr_3rem] items-center gap-x-2 gap-y-1"
              >
                {(["x", "y"] as const).map((axis) => (
                  <Fragment key={axis}>
                    <span className="text-ink-2">{axis === "x" ? "Across" : "Down"}</span>
                    <Slider
                      label={axis === "x" ? "Across" : "Down"}
                      value={Math.round(point[axis])}
                      from={0}
                      to={100}
                      step={1}
                      says={(share) => `${share} %`}
                      onChange={(share) => setPoint({ ...point, [axis]: share })}
                      className="w-full"
                    />
                    <span className="figures text-right">{Math.round(point[axis])} %</span>
                  </Fragment>
                ))}
              </section>
              <section aria-label="Where less is shown" className="flex flex-wrap items-end gap-3">
                {FRAMES.map(([name, aspect]) => (
                  <figure key={name}>
                    <Frame image={image} part={pixels} aspect={aspect} point={point} />
                    <figcaption className="text-ink-2">{name}</figcaption>
                  </figure>
                ))}
              </section>
            </>
          )}
          <div className="mt-auto flex gap-2">
            <Button kind="primary" disabled={busy} onClick={() => void take()}>
              {busy ? "Cutting …" : "Use this"}
            </Button>
            <Button onClick={onClose}>Cancel</Button>
          </div>
        </div>
      </div>
    </Sheet>
  );
}

/** A place on the whole picture, as per cents of its part. */
function inPart(x: number, y: number, part: Part): { x: number; y: number } {
  const within = (n: number) => Math.min(100, Math.max(0, n));
  return {
    x: within(((x * 100 - part.x) / part.width) * 100),
    y: within(((y * 100 - part.y) / part.height) * 100),
  };
}

const FRAME_AREA = 9000;

interface FrameProps {
  image: HTMLImageElement;
  part: { left: number; top: number; width: number; height: number };
  aspect: number;
  point: { x: number; y: number };
}
function Frame({ image, part, aspect, point }: FrameProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const height = Math.round(Math.sqrt(FRAME_AREA / aspect));
  const width = Math.round(height * aspect);
  useEffect(() => {
    const seen = covering(part.width, part.height, aspect, point);
    canvas.current
      ?.getContext("2d")
      ?.drawImage(
        image,
        part.left + seen.left,
        part.top + seen.top,
        seen.width,
        seen.height,
        0,
        0,
        width,
        height,
      );
  }, [image, part, aspect, point, width, height]);
  return <canvas ref={canvas} width={width} height={height} className="border border-rule" />;
}

/** The picture as it came, loaded; null until then. */
function useUncut(src: string): { asset: Asset; image: HTMLImageElement } | null {
  const picture = useAskOrTell(
    async () => {
      const asset = await uncut(assetId(src)!);
      if (!asset) return null;
      const image = new Image();
      image.src = URL.createObjectURL(asset.blob);
      await image.decode();
      return { asset, image };
    },
    [src],
    { otherwise: null, current: true },
  );
  const address = picture?.image.src;
  useEffect(() => () => void (address && URL.revokeObjectURL(address)), [address]);
  return picture;
}
