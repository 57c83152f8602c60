/** The report of many posts: each scored anew, since lists keep no evidence. */

import type { Reported } from "../../core/proof/export/reported";
import { getCompetitors, planContext } from "../../data/competitors";
import { proofContext } from "../../data/draft";
import type { Post } from "../../data/model";
import { getDoc } from "../../data/posts";
import type { ReportFormat } from "../reports/formats";
import { reportedPost, reportFile } from "../reports/reportFiles";
import { selectPosts } from "../store/selectors";
import type { AppThunk } from "../store/thunk";
import { toast } from "../ui/toast";

export const reportOfMany =
  (posts: readonly Post[], format: ReportFormat): AppThunk<Promise<{ blob: Blob; name: string }>> =>
  async (_dispatch, getState, { workers }) => {
    const state = getState();
    const { site, profile } = state.session;
    const all = selectPosts(state);
    const reports: Reported[] = [];
    let stopped = false;
    const progress = toast.loading("Scoring …", {
      cancel: {
        label: "Cancel",
        onClick: () => {
          stopped = true;
        },
      },
    });
    try {
      for (const [done, post] of posts.entries()) {
        if (stopped) throw new Error("It was cancelled");
        if (done % 10 === 0) toast.loading(`Scoring ${done + 1} of ${posts.length} …`, { id: progress });
        const [doc, plan, field] = await Promise.all([
          getDoc(post.id),
          planContext(post.id),
          getCompetitors(post.id),
        ]);
        const report = await workers.proof.score(
          post,
          site,
          doc,
          proofContext(post, all, site, plan),
          profile,
        );
        reports.push(reportedPost(post, site, report, field?.benchmark ?? null));
      }
    } finally {
      toast.dismiss(progress);
    }
    return reportFile({ reports, profile, date: new Date().toISOString().slice(0, 10) }, format);
  };
