/** The mark: a small sparrow in three strokes on the line of a dune. */
export function Mark() {
  return (
    <svg
      viewBox="0 0 24 24"
      width="24"
      height="24"
      fill="none"
      stroke="var(--color-proof)"
      strokeWidth="1.8"
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden="true"
    >
      <path d="M2 20.5C7 15.5 13 20.5 22 17" />
      <path d="M4.5 8.5l3.2-1.2c2.6-3 6.6-2.6 7.8.4c3 2.4 2.2 7.3-2.4 8.2" />
      <path d="M11 10.5c2 3 6 3.5 10 2.5" />
    </svg>
  );
}
