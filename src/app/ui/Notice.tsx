import type { ReactNode } from "react";

/** Something that needs a decision, or went wrong: what happened, what is safe, what to do. */
export function Notice({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div role="alert" className="rounded border border-plum/40 bg-plum-wash p-4">
      <h2 className="mb-1 text-plum">{title}</h2>
      {children}
    </div>
  );
}
