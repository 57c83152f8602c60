import { format } from "date-fns/format";

export const dayAndTime = (iso: string): string =>
  iso ? format(new Date(iso), "d MMM yyyy, HH:mm") : "undated";
export const day = (iso: string): string => (iso ? format(new Date(iso), "d MMM yyyy") : "undated");
