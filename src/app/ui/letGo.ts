/** Milliseconds after which whatever still loaded from an address has loaded. */
const LOADED = 10_000;

/** Lets go of an address made of a file: not at once, since a picture that is still loading from it would fail. */
export const letGo = (address: string): void => {
  setTimeout(() => URL.revokeObjectURL(address), LOADED);
};
