import { X } from "lucide-react";
import type { ReactNode } from "react";
import { ui } from "../words/en.ts";

interface SheetProps {
  title: string;
  onClose: () => void;
  children: ReactNode;
}

/** On a phone: what stands beside the drawing elsewhere comes up from below. */
export function Sheet({ title, onClose, children }: SheetProps) {
  return (
    <section
      aria-label={title}
      className="no-print absolute inset-x-0 bottom-full z-10 max-h-[52dvh] overflow-auto border-t-2 border-neutral bg-base-100 p-3 shadow-lg"
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
