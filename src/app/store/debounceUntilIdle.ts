/** Waiting until keys rest. A key costs two numbers here: the timer is set anew only when it went off too soon. */

export interface Debounced {
  /** Something was done just now. */
  note(): void;
  stop(): void;
}

/**
 * @param rest milliseconds without a key that count as a rest
 * @param longest milliseconds after the first key that are not gone beyond, though keys go on
 * @param act called once for all that was noted since it was called last
 */
export function debounceUntilIdle(rest: () => number, longest: () => number, act: () => void): Debounced {
  let first: number | undefined;
  let last = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const left = () => Math.min(last + rest(), first! + longest()) - performance.now();
  const look = () => {
    timer = undefined;
    const wait = left();
    // Timers are whole milliseconds, and may come a little early.
    if (wait > 1) timer = setTimeout(look, wait);
    else {
      first = undefined;
      act();
    }
  };
  return {
    note() {
      last = performance.now();
      first ??= last;
      timer ??= setTimeout(look, left());
    },
    stop() {
      clearTimeout(timer);
      timer = undefined;
      first = undefined;
    },
  };
}
