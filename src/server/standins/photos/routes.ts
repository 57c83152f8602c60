/** The stand-in photo shelf over HTTP: POST of {words} to /search, GET of /files/NAME. */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import express, { Router } from "express";
import { languagePack } from "../../../core/text/language";
import type { PhotosAnswer, PhotosQuestion, ShelfPhoto } from "../../../data/schemas/photos";
import { checkShape, ShapeError } from "../../../data/schemas/validate";
import { photosSearchAnswer, photosSearchQuestion } from "../../../data/schemas/validators.generated.js";
import { answerError } from "../../errors";
import { PhotoShelf } from "./photoShelf";

const SERVICE = "Stand-in photo shelf";

/** @param demo folder with photos/ */
export function photoRoutes(demo: string): Router {
  const router = Router();
  const folder = join(demo, "photos");
  // Read at the first question: most starts of the server never ask one at once.
  let shelf: PhotoShelf | undefined;
  const open = () => {
    shelf ??= new PhotoShelf(
      JSON.parse(readFileSync(join(folder, "photos.json"), "utf8")) as ShelfPhoto[],
      languagePack("en"),
    );
    return shelf;
  };
  router.post("/search", (request, response) => {
    try {
      const { words } = checkShape<PhotosQuestion>(
        photosSearchQuestion,
        request.body,
        "a question to the photo shelf",
      );
      const answer: PhotosAnswer = { service: SERVICE, standIn: true, photos: open().find(words) };
      response.json(checkShape(photosSearchAnswer, answer, "an answer of the photo shelf"));
    } catch (error) {
      if (error instanceof ShapeError)
        answerError(response, 400, "bad-question", error.message, error.faults);
      else throw error;
    }
  });
  router.use("/files", express.static(folder, { index: false, maxAge: "1h", extensions: [] }));
  return router;
}
