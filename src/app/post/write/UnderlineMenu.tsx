import { ChevronUp } from "lucide-react";
import { Menu, MenuCheck } from "../../ui/Menu";
import { LAYERS, type LayerId } from "./underlines";

interface Props {
  layers: ReadonlySet<LayerId>;
  onLayers: (layers: ReadonlySet<LayerId>) => void;
}

/** Chooses what is underlined in the text, each with the stroke that it has there. */
export function UnderlineMenu({ layers, onLayers }: Props) {
  return (
    <Menu
      side="top"
      sideOffset={6}
      className="z-30 min-w-64 py-1"
      button={
        <button type="button" className="flex items-center gap-1 rounded hover:bg-proof-wash">
          Underline{layers.size ? ` (${layers.size})` : ""} <ChevronUp size={13} aria-hidden="true" />
        </button>
      }
    >
      {LAYERS.map(({ id, name, stroke }) => (
        <MenuCheck
          key={id}
          checked={layers.has(id)}
          onChange={(on) => {
            const next = new Set(layers);
            if (on) next.add(id);
            else next.delete(id);
            onLayers(next);
          }}
        >
          <span className={stroke}>{name}</span>
        </MenuCheck>
      ))}
    </Menu>
  );
}
