import { ChevronUp } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import { LAYERS, type LayerId } from "./underlines";

interface Props {
  layers: ReadonlySet<LayerId>;
  onLayers: (layers: ReadonlySet<LayerId>) => void;
}

/** Chooses what is underlined in the text, each with the stroke that it has there. */
export function UnderlineMenu({ layers, onLayers }: Props) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="flex items-center gap-1 rounded hover:bg-proof-wash">
        Underline{layers.size ? ` (${layers.size})` : ""} <ChevronUp size={13} aria-hidden="true" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Content
        side="top"
        align="start"
        sideOffset={6}
        className="z-30 min-w-64 rounded border border-edge bg-sheet py-1 text-[13px] shadow-md"
      >
        {LAYERS.map(({ id, name, className }) => (
          <DropdownMenu.CheckboxItem
            key={id}
            checked={layers.has(id)}
            // Several are chosen in one go.
            onSelect={(event) => event.preventDefault()}
            onCheckedChange={(on) => {
              const next = new Set(layers);
              if (on) next.add(id);
              else next.delete(id);
              onLayers(next);
            }}
            className="flex h-8 items-center gap-2 px-3 outline-none data-highlighted:bg-proof-wash"
          >
            <span className="w-4" aria-hidden="true">
              {layers.has(id) ? "✓" : ""}
            </span>
            <span className={className}>{name}</span>
          </DropdownMenu.CheckboxItem>
        ))}
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
}
