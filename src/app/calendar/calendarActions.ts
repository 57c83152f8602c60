/** What is done on the calendar. Each step can be undone. */

import type { Post } from "../../data/model";
import { changePost } from "../publishing/changePost";
import { notPassed } from "../publishing/notPassed";
import { publish, withdraw } from "../publishing/publish";
import type { AppThunk } from "../store/thunk";
import { day } from "../ui/dates";
import { count } from "../ui/figures";
import { momentOfSite } from "../ui/siteTime";
import { toast } from "../ui/toast";

const named = ({ title }: Post): string => `“${title || "Untitled post"}”`;

export const setDue =
  (post: Post, due: string): AppThunk<Promise<void>> =>
  async (dispatch) => {
    await dispatch(changePost(post.id, { due }));
    toast(due ? `${named(post)} is due on ${day(due)}.` : `${named(post)} has no due date.`, {
      action: { label: "Undo", onClick: () => void dispatch(changePost(post.id, { due: post.due })) },
    });
  };

/** Another minute for a post that is scheduled. */
export const movePost =
  (post: Post, at: string): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    if (at <= new Date().toISOString()) {
      toast.error(`${named(post)} stays where it is: that minute has passed.`);
      return;
    }
    const before = post.publishAt ?? "";
    await dispatch(publish([post.id], at));
    toast(`${named(post)} goes live ${momentOfSite(at, getState().session.site.timeZone)}.`, {
      action: { label: "Undo", onClick: () => void dispatch(publish([post.id], before)) },
    });
  };

/** Schedules posts, each at its moment; those that a gate holds stay, until somebody lets them pass. */
export const placePosts =
  (places: readonly { post: Post; at: string }[]): AppThunk<Promise<void>> =>
  async (dispatch) => {
    const ready: (typeof places)[number][] = [];
    const held: (typeof places)[number][] = [];
    for (const place of places) ((await dispatch(notPassed(place.post))).length ? held : ready).push(place);
    await dispatch(schedule(ready));
    if (held.length)
      toast.error(
        held.length === 1
          ? `${named(held[0]!.post)} was not scheduled: a gate is not passed. Its release stage says which.`
          : `${count(held.length, "post")} were not scheduled: gates are not passed. Their release stages say which.`,
        {
          duration: 15_000,
          action: { label: "Schedule anyway", onClick: () => void dispatch(schedule(held)) },
        },
      );
  };

const schedule =
  (places: readonly { post: Post; at: string }[]): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    if (!places.length) return;
    for (const { post, at } of places) await dispatch(publish([post.id], at));
    const { timeZone } = getState().session.site;
    const [first] = places;
    toast(
      places.length === 1
        ? `${named(first!.post)} goes live ${momentOfSite(first!.at, timeZone)}.`
        : `Scheduled ${count(places.length, "post")}, the first for ${momentOfSite(first!.at, timeZone)}.`,
      {
        action: {
          label: "Undo",
          onClick: () => void Promise.all(places.map(({ post }) => dispatch(withdraw(post.id)))),
        },
      },
    );
  };
