/** A blog did not do what it was asked. The message says what happened, for people. */
export class BlogFailure extends Error {
  override name = "BlogFailure";
  constructor(
    /** "cancelled", "not-reached", "lost", "bad-answer", "busy", or what the blog says: "unauthorized", "forbidden", "invalid_request" … */
    readonly code: string,
    message: string,
    /** Whether to try again by itself makes sense. */
    readonly again: boolean,
    /** Whether the blog may have done it all the same: its answer was lost. */
    readonly perhapsDone = false,
  ) {
    super(message);
  }
}
