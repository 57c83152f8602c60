/** What finds posts, and what begins them. */

import { Plus } from "lucide-react";
import { useNavigate } from "react-router";
import type { Site } from "../../data/model";
import { startPost } from "../posts/createPost";
import { useAppDispatch } from "../store/hooks";
import { Button } from "../ui/Button";
import { categoryOptions } from "../ui/categoryOptions";
import { LabelledSelect } from "../ui/Select";
import { type Sift, SORTS, type Sort } from "./deskRows";
import { ImportButton } from "./importing/ImportButton";

const ORDERS = (Object.keys(SORTS) as Sort[]).map((sort) => ({ value: sort, label: SORTS[sort] }));

interface Props {
  site: Site;
  sift: Sift;
  onSift: (sift: Sift) => void;
  sort: Sort;
  onSort: (sort: Sort) => void;
}

export function DeskTop({ site, sift, onSift, sort, onSort }: Props) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  return (
    <div className="mb-3 flex flex-wrap items-center gap-3">
      <h1 className="mr-auto font-serif text-2xl">{site.blogName || "Desk"}</h1>
      <input
        type="search"
        aria-label="Search posts"
        placeholder="Search title, keyword, author"
        className="field-box !w-56"
        value={sift.query}
        onChange={(event) => onSift({ ...sift, query: event.target.value })}
      />
      <LabelledSelect
        label="Category"
        className="!w-auto max-w-48"
        value={sift.category}
        onChange={(category) => onSift({ ...sift, category })}
        options={[
          { value: "", label: "All" },
          ...categoryOptions(site.categories),
          { value: "-", label: "Without one" },
        ]}
      />
      <LabelledSelect label="Order" className="!w-auto" value={sort} onChange={onSort} options={ORDERS} />
      <ImportButton />
      <Button onClick={() => void navigate("/start")}>Guided start</Button>
      <Button kind="primary" onClick={() => void dispatch(startPost(navigate))}>
        <Plus size={15} aria-hidden="true" /> New post
      </Button>
    </div>
  );
}
