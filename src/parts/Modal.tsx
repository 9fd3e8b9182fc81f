import { X } from "lucide-react";
import { type ReactNode, useEffect, useRef } from "react";
import { ui } from "../words/ui.ts";

interface ModalProps {
  title: string;
  wide?: boolean;
  onClose: () => void;
  children: ReactNode;
}

/** A modal dialog of the platform: it traps the focus and gives it back. */
export function Modal({ title, wide = false, onClose, children }: ModalProps) {
  const ref = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    const dialog = ref.current;
    dialog?.showModal();
    // What is opened to type into takes the typing at once.
    dialog?.querySelector<HTMLElement>("[data-autofocus]")?.focus();
  }, []);
  return (
    <dialog
      ref={ref}
      aria-label={title}
      className={`m-auto max-h-[86dvh] ${wide ? "w-[min(52rem,94vw)]" : "w-[min(30rem,94vw)]"} overflow-auto rounded border border-base-300 bg-base-100 p-4 text-base-content shadow-xl backdrop:bg-black/40`}
      onClose={onClose}
      onClick={(event) => {
        if (event.target === ref.current) ref.current?.close();
      }}
      onKeyDown={() => undefined}
    >
      <div className="mb-2 flex items-center justify-between gap-2">
        <h2 className="name text-lg font-bold">{title}</h2>
        <button
          type="button"
          className="btn btn-square btn-ghost btn-sm"
          aria-label={ui.close}
          onClick={() => ref.current?.close()}
        >
          <X size={18} />
        </button>
      </div>
      {children}
    </dialog>
  );
}

interface AskProps {
  title: string;
  text: string;
  /** What goes on, and what keeps everything as it is. */
  yes: string;
  no: string;
  onYes: () => void;
  onNo: () => void;
  children?: ReactNode;
}

/** A question before something that cannot be taken back. */
export function Ask({ title, text, yes, no, onYes, onNo, children }: AskProps) {
  return (
    <Modal title={title} onClose={onNo}>
      <p className="mb-4">{text}</p>
      <div className="flex flex-wrap justify-end gap-2">
        {children}
        <button type="button" className="btn" data-autofocus onClick={onNo}>
          {no}
        </button>
        <button type="button" className="btn btn-error" onClick={onYes}>
          {yes}
        </button>
      </div>
    </Modal>
  );
}
