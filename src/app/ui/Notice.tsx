import type { ReactNode } from "react";

/** Something that needs a decision, or went wrong: what happened, what is safe, what to do. */
export function Notice({
  title,
  heading: Heading = "h2",
  children,
}: {
  title: string;
  heading?: "h1" | "h2";
  children: ReactNode;
}) {
  return (
    <div role="alert" className="rounded border border-plum/40 bg-plum-wash p-4">
      <Heading className="mb-1 text-plum">{title}</Heading>
      {children}
    </div>
  );
}
