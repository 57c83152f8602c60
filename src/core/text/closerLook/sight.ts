/** A place where a word of a keyword is read: tokens from and to. */
export interface Sight {
  place: number;
  from: number;
  to: number;
}
