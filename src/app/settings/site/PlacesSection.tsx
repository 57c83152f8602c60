/** Where posts and pages of the site stand, and what each place says of itself. */

import { useState } from "react";
import { Segments } from "../../ui/Segments";
import { AuthorsTable } from "./AuthorsTable";
import { CategoriesTable } from "./CategoriesTable";
import { ListPagesForm } from "./ListPagesForm";
import { SitePagesTable } from "./SitePagesTable";

const PARTS = {
  categories: "Categories",
  authors: "Authors",
  pages: "Other pages",
  lists: "Lists and defaults",
} as const;

export function PlacesSection() {
  const [part, setPart] = useState<keyof typeof PARTS>("categories");
  return (
    <div className="flex flex-col gap-3">
      <Segments label="What to set" options={PARTS} value={part} onChange={setPart} />
      {part === "categories" && <CategoriesTable />}
      {part === "authors" && <AuthorsTable />}
      {part === "pages" && <SitePagesTable />}
      {part === "lists" && <ListPagesForm />}
    </div>
  );
}
