import { FileInput } from "lucide-react";
import { useNavigate } from "react-router";
import { toast } from "sonner";
import { FileButton } from "../ui/FileButton";

export function ImportButton() {
  const navigate = useNavigate();
  const take = async (file: File) => {
    const { importPost } = await import("./importPost");
    const result = await importPost(file);
    if ("error" in result) toast.error(result.error, { duration: 12_000 });
    else {
      toast(
        `Imported “${result.title || file.name}”.${result.notes.length ? ` ${result.notes.join(" ")}` : ""}`,
      );
      await navigate(`/post/${result.id}/write`);
    }
  };
  return (
    <FileButton
      label="Import a post"
      accept=".md,.markdown,.html,.htm,.zip"
      icon={<FileInput size={15} aria-hidden="true" />}
      onFile={(file) => void take(file)}
    />
  );
}
