import { messageOf } from "../../core/messageOf";
import { toast } from "../ui/toast";

/** Stores something, and says so where it fails. @returns whether it was stored */
export async function attempt(work: () => Promise<unknown>): Promise<boolean> {
  try {
    await work();
    return true;
  } catch (error) {
    const why = messageOf(error).split("\n")[0]!.replace(/\.$/, "");
    toast.error(`That was not saved: ${why}. What was there is unchanged.`);
    return false;
  }
}
