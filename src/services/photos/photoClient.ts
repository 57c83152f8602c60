/** Asks the photo shelf: the stand-in that ships with the application. */
import type { PhotosAnswer, PhotosQuestion, ShelfPhoto } from "../../data/schemas/photos";
import { validates } from "../../data/schemas/validate";
import { photosSearchAnswer } from "../../data/schemas/validators.generated.js";

const BASE = "/api/standins/photos";
const LONGEST_WAIT = 20_000;

/** Where a photo is shown from. */
export const photoAddress = ({ file }: Pick<ShelfPhoto, "file">): string => `${BASE}/files/${file}`;

/** The shelf gave nothing that can be used. The message says what happened, for people. */
export class PhotoFailure extends Error {
  override name = "PhotoFailure";
}

export interface PhotoClient {
  /** @throws PhotoFailure */
  find(question: PhotosQuestion, signal?: AbortSignal): Promise<PhotosAnswer>;
  /** @throws PhotoFailure */
  fetch(photo: ShelfPhoto): Promise<File>;
}

export const photoClient: PhotoClient = {
  async find(question, signal) {
    const response = await get(`${BASE}/search`, signal, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(question),
    });
    const answer: unknown = await response.json().catch(() => null);
    if (!validates<PhotosAnswer>(photosSearchAnswer, answer))
      throw new PhotoFailure("The photo shelf answered in a shape that is not the interface's.");
    return answer;
  },
  async fetch(photo) {
    const blob = await (await get(photoAddress(photo))).blob();
    return new File([blob], photo.file, { type: blob.type });
  },
};

async function get(address: string, signal?: AbortSignal, init: RequestInit = {}): Promise<Response> {
  const timeout = AbortSignal.timeout(LONGEST_WAIT);
  let response: Response;
  try {
    response = await fetch(address, {
      ...init,
      signal: signal ? AbortSignal.any([signal, timeout]) : timeout,
    });
  } catch (error) {
    if (signal?.aborted) throw error;
    throw new PhotoFailure(
      timeout.aborted ? "The photo shelf did not answer in time." : "The photo shelf could not be reached.",
    );
  }
  if (!response.ok) throw new PhotoFailure(`The photo shelf failed (${response.status}).`);
  return response;
}
