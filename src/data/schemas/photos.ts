/** A shelf of photos to use in posts, as photos.schema.json describes it. */
export interface ShelfPhoto {
  id: string;
  title: string;
  /** Who made it; belongs with the picture wherever it is shown. */
  credit: string;
  words: string[];
  file: string;
  width: number;
  height: number;
}

export interface PhotosQuestion {
  /** Empty for the whole shelf. */
  words: string;
}

export interface PhotosAnswer {
  service: string;
  standIn: boolean;
  photos: ShelfPhoto[];
}
