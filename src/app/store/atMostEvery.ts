/** Telling of what changes quickly: at once the first time, then no more often than a person reads. */

export interface Paced<T> {
  tell(value: T): void;
  /** Tells nothing more. */
  stop(): void;
}

/** @param ms between two times that `act` is called; the last value is always told */
export function atMostEvery<T>(ms: number, act: (value: T) => void): Paced<T> {
  let next: { value: T } | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const look = () => {
    timer = undefined;
    if (!next) return;
    const { value } = next;
    next = null;
    timer = setTimeout(look, ms);
    act(value);
  };
  return {
    tell(value) {
      next = { value };
      if (timer === undefined) look();
    },
    stop() {
      clearTimeout(timer);
      timer = undefined;
      next = null;
    },
  };
}
