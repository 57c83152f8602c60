import { X } from "lucide-react";
import { Dialog } from "radix-ui";
import type { ReactNode } from "react";
import { overPage } from "./layers";
import { PartBoundary } from "./PartBoundary";

/** A dialog on a sheet of paper. */
export function Sheet({
  title,
  wide = false,
  onClose,
  children,
}: {
  title: string;
  wide?: boolean;
  onClose: () => void;
  children: ReactNode;
}) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal container={overPage()}>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-shade" />
        <Dialog.Content
          aria-describedby={undefined}
          className={`fixed left-1/2 top-1/2 z-50 max-h-[88vh] ${wide ? "w-[72rem]" : "w-[38rem]"} max-w-[94vw] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded border border-rule bg-sheet p-6 shadow-lg small:p-4 short:max-h-[96vh]`}
        >
          <div className="mb-4 flex items-center justify-between">
            <Dialog.Title className="font-serif text-xl">{title}</Dialog.Title>
            <Dialog.Close className="flex items-center gap-1 text-ink-2 hover:text-ink">
              <X size={15} aria-hidden="true" /> Close
            </Dialog.Close>
          </div>
          <PartBoundary name="This sheet">{children}</PartBoundary>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
