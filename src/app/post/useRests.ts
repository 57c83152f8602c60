import { useAppSelector } from "../store/hooks";

/**
 * A number that is new each time that a report of the text was made or failed, which is when typing has come to rest: stands for the
 * whole document where it is looked over, so that all of that is drawn at once.
 */
export const useRests = (): number => useAppSelector((state) => state.openPost.rests);
