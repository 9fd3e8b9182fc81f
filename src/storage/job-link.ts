/** What begins a link's fragment: it stays in the browser and is never sent to a server. */
const MARK = "#job=";

/** A link that unpacks to more than this is no job, bytes. */
const LARGEST = 8 * 1024 * 1024;

/** A whole job as a link to this application: its file, compressed, in the fragment. */
export async function jobLink(project: object, origin: string): Promise<string> {
  const { deflateSync, strToU8 } = await import("fflate");
  const packed = deflateSync(strToU8(JSON.stringify(project)), { level: 9 });
  return `${origin}/jobs${MARK}${toText(packed)}`;
}

/** The project file that a fragment holds, as text; undefined where it is no link, null where it is damaged. */
export async function fromLink(fragment: string): Promise<string | null | undefined> {
  if (!fragment.startsWith(MARK)) return undefined;
  try {
    const { Inflate, strFromU8 } = await import("fflate");
    const packed = fromText(fragment.slice(MARK.length));
    const chunks: Uint8Array[] = [];
    let size = 0;
    const inflate = new Inflate((chunk) => {
      size += chunk.length;
      // A few bytes may unpack to more than any device holds.
      if (size > LARGEST) throw new Error("too large");
      chunks.push(chunk);
    });
    inflate.push(packed, true);
    const whole = new Uint8Array(size);
    let at = 0;
    for (const chunk of chunks) {
      whole.set(chunk, at);
      at += chunk.length;
    }
    const text = strFromU8(whole);
    JSON.parse(text);
    return text;
  } catch {
    return null;
  }
}

/** Bytes as text that an address takes (RFC 4648, for addresses, without padding). */
function toText(bytes: Uint8Array): string {
  let binary = "";
  for (const byte of bytes) binary += String.fromCharCode(byte);
  return btoa(binary).replace(/\+/g, "-").replace(/\//g, "_").replace(/=+$/, "");
}

function fromText(text: string): Uint8Array {
  const binary = atob(text.replace(/-/g, "+").replace(/_/g, "/"));
  return Uint8Array.from(binary, (character) => character.charCodeAt(0));
}
