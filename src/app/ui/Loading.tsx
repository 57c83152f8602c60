/** In the place of what is on its way. */
export const Loading = () => (
  <p role="status" className="m-auto p-6 text-ink-2">
    Loading …
  </p>
);
