import { X } from "lucide-react";
import type { ReactNode } from "react";
import { ui } from "../words/ui.ts";

interface SheetProps {
  title: string;
  onClose: () => void;
  children: ReactNode;
}

/** On a phone: what stands beside the drawing elsewhere comes up below it. */
export function Sheet({ title, onClose, children }: SheetProps) {
  return (
    <section
      aria-label={title}
      className="no-print relative min-h-0 flex-[1.3] overflow-auto overscroll-contain border-t-2 border-neutral bg-base-100 p-3"
    >
      <div className="flex items-center justify-between">
        <h2 className="font-semibold">{title}</h2>
        <button
          type="button"
          className="btn btn-square btn-ghost"
          aria-label={ui.close}
          onClick={onClose}
        >
          <X size={20} />
        </button>
      </div>
      {children}
    </section>
  );
}
