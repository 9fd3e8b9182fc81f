import { Copy, QrCode } from "lucide-react";
import { useState } from "react";
import type { Project } from "../../core/project/schema.ts";
import { jobLink } from "../storage/job-link.ts";
import { ui } from "../words/ui.ts";

/** A code on paper holds no more, with a quarter of it lost, bytes. */
const CODE_HOLDS = 1663;

/** The job as a link: whoever opens it has a copy, and no server sees it. */
export function JobLink({ project }: { project: Project }) {
  const [link, setLink] = useState<{ address: string; code: string | undefined }>();
  const [copied, setCopied] = useState(false);
  const make = async () => {
    const address = await jobLink(project, location.origin);
    const code = address.length <= CODE_HOLDS ? await codeOf(address) : undefined;
    setLink({ address, code });
    setCopied(false);
  };
  const copy = async () => {
    if (!link) return;
    await navigator.clipboard.writeText(link.address);
    setCopied(true);
  };
  return (
    <section className="mt-5" data-link={link?.address.length}>
      <h2 className="section-title">{ui.documents.link.title}</h2>
      <p className="max-w-prose text-sm opacity-85">{ui.documents.link.hint}</p>
      <div className="mt-1 flex flex-wrap gap-2">
        <button type="button" className="btn quiet-button min-h-11" onClick={() => void make()}>
          <QrCode size={17} aria-hidden="true" /> {ui.documents.link.make}
        </button>
        {link && (
          <button
            type="button"
            className="btn quiet-button min-h-11"
            onClick={() => void copy().catch(() => setCopied(false))}
          >
            <Copy size={17} aria-hidden="true" />{" "}
            {copied ? ui.documents.copied : ui.documents.link.copy}
          </button>
        )}
      </div>
      {link && (
        <>
          <label className="mt-2 block">
            <span className="field-label">{ui.documents.link.address(link.address.length)}</span>
            <input
              readOnly
              className="input w-full bg-base-100"
              name="job-link"
              value={link.address}
              onFocus={(event) => event.target.select()}
            />
          </label>
          {link.code ? (
            <img src={link.code} alt={ui.documents.link.code} className="mt-2 size-64 bg-white" />
          ) : (
            <p className="mt-1 text-sm">{ui.documents.link.tooLong}</p>
          )}
        </>
      )}
    </section>
  );
}

/** The link as a code that a phone's camera reads. */
async function codeOf(address: string): Promise<string> {
  const { default: qrcode } = await import("qrcode-generator");
  const code = qrcode(0, "Q");
  code.addData(address, "Byte");
  code.make();
  return code.createDataURL(4, 8);
}
