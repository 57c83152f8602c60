import type { BlogConfig } from "../../services/blog/blogClient";
import { useAppSelector } from "../store/hooks";
import { useAsk } from "../store/useAsk";

/** What the blog says that it can do; null while it has not said. */
export function useBlogConfig(): BlogConfig | null {
  const blog = useAppSelector((state) => state.session.blog);
  const answer = useAsk(({ blog: client }, signal) => client.config(blog, signal), [blog]);
  return answer.state === "ready" ? answer.value : null;
}
