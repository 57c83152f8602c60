import type { ReactNode } from "react";
import { useRef } from "react";
import { Button } from "./Button";

interface Props {
  label: string;
  accept: string;
  icon?: ReactNode;
  disabled?: boolean;
  onFile: (file: File) => void;
}

/** A button that asks for a file. */
export function FileButton({ label, accept, icon, disabled = false, onFile }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        tabIndex={-1}
        aria-label={`${label}: file`}
        className="hidden"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) onFile(file);
        }}
      />
      <Button disabled={disabled} onClick={() => input.current?.click()}>
        {icon}
        {label}
      </Button>
    </>
  );
}
