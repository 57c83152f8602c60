/** What the Desk shows and what narrows it down; scores that have gone stale are made anew while it is open. */

import { useDeferredValue, useEffect, useMemo, useState } from "react";
import { useAppDispatch, useAppSelector } from "../store/hooks";
import { scoreStale } from "../store/scoreStale";
import { selectPosts, selectScoreEntities } from "../store/selectors";
import { deskGroups, deskRows, noSift, type Sift, type Sort } from "./deskRows";

export function useDesk() {
  const dispatch = useAppDispatch();
  const posts = useAppSelector(selectPosts);
  const scores = useDeferredValue(useAppSelector(selectScoreEntities));
  const site = useAppSelector((state) => state.session.site);
  const profile = useAppSelector((state) => state.session.profile);
  const [sift, setSift] = useState<Sift>(noSift);
  const [sort, setSort] = useState<Sort>("stage");

  // biome-ignore lint/correctness/useExhaustiveDependencies: any change of a post, the site or the profile may have made a score stale
  useEffect(() => {
    void dispatch(scoreStale());
  }, [posts, site, profile]);

  const { categories } = site;
  const rows = useMemo(
    () => deskRows(posts, scores, sift, sort, categories),
    [posts, scores, sift, sort, categories],
  );
  const groups = useMemo(() => deskGroups(rows, sort), [rows, sort]);
  return { site, posts, scores, rows, groups, sift, setSift, sort, setSort };
}
