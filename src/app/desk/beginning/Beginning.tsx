/** The head of the Desk in the first minutes: what the demo is, or what a site of one's own has yet to do. */

import { useState } from "react";
import { Link } from "react-router";
import { useAppSelector } from "../../store/hooks";
import { selectPosts } from "../../store/selectors";
import { Button } from "../../ui/Button";
import { lazyPart } from "../../ui/part";
import { Tooltip } from "../../ui/Tooltip";

const StartSheet = lazyPart("The sheet", async () => (await import("./StartSheet")).StartSheet);
const FirstSteps = lazyPart("The first steps", async () => (await import("./FirstSteps")).FirstSteps);
export function Beginning() {
  const site = useAppSelector((state) => state.session.site);
  return site.demo ? <DemoNotice name={site.name} /> : <FirstSteps />;
}

function DemoNotice({ name }: { name: string }) {
  const posts = useAppSelector(selectPosts);
  const [starting, setStarting] = useState(false);
  const tour = posts.find(({ id }) => id === TOUR);
  return (
    <section
      aria-label="The demo"
      className="mb-3 flex flex-wrap items-center gap-x-5 gap-y-2 border border-rule bg-sheet px-4 py-2.5"
    >
      <p className="mr-auto max-w-2xl">
        <strong className="font-semibold">This is a demo.</strong> {name}, its posts and its numbers are made
        up, for you to try everything on.
      </p>
      {tour && (
        <Tooltip says={tour.title}>
          <Link to={`/post/${tour.id}/proof`} className="quiet-link">
            Look around in the tour post
          </Link>
        </Tooltip>
      )}
      <Button kind="primary" onClick={() => setStarting(true)}>
        Start my own site
      </Button>
      {starting && <StartSheet onClose={() => setStarting(false)} />}
    </section>
  );
}

/** The post of the demo that has something to show in each stage. */
const TOUR = "electric-cargo-bike-for-families";
