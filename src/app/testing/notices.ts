/** What was said in notices while a test ran, the latest last, with the button that each offers. */
import { toast } from "sonner";
import { showNotices } from "../ui/toast";

showNotices(toast);

export interface Notice {
  text: string;
  press?: () => void;
}

export const noticesSaid = (): Notice[] =>
  toast.getHistory().flatMap((one) => {
    if (!("title" in one) || typeof one.title !== "string") return [];
    const { action } = one;
    const onClick =
      action && typeof action === "object" && "onClick" in action
        ? (action.onClick as () => void)
        : undefined;
    return [{ text: one.title, ...(onClick && { press: onClick }) }];
  });

export const lastNotice = (): Notice | undefined => noticesSaid().at(-1);
