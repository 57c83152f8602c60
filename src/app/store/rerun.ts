/** A task that is asked for again and again, and does not run twice at once: asked for while it runs, it runs once more after. */
export class Rerun {
  #asked = false;
  #running = false;

  /** Whether it was asked for since it began: what it is at may be of no use any more. */
  get askedAgain(): boolean {
    return this.#asked;
  }

  /** Runs the task until nobody has asked again. @throws what the task throws; whoever asked meanwhile must ask again */
  async run(task: () => Promise<void>): Promise<void> {
    this.#asked = true;
    if (this.#running) return;
    this.#running = true;
    try {
      while (this.#asked) {
        this.#asked = false;
        await task();
      }
    } finally {
      this.#running = false;
    }
  }
}
