/** Where notices are shown. */
import { useEffect } from "react";
import { Toaster, toast } from "sonner";
import { showNotices } from "../ui/toast";

export function Notices() {
  // The toaster listens by now: effects of what is inside come first.
  useEffect(() => showNotices(toast), []);
  return (
    <Toaster position="bottom-left" offset={{ bottom: 48, left: 24 }} toastOptions={{ duration: 8000 }} />
  );
}
