import type { LogLine } from "../../core/log/stream.ts";
import { lineText, type Told } from "./line-text.ts";

/** Texts are made in so many lines at a time while nothing is sought yet. */
const AT_A_TIME = 400;

/** What the lines of a log say, told once: a search through twenty thousand follows the typing. */
export class LogSearch {
  private readonly texts = new Map<string, string>();

  constructor(
    readonly lines: LogLine[],
    private readonly told: Told,
  ) {}

  /** The lines that hold every word of a text, whatever its case and accents, and pass a test. */
  find(text: string, passes: (line: LogLine) => boolean): LogLine[] {
    const words = fold(text).split(/\s+/).filter(Boolean);
    return this.lines.filter(
      (line) => passes(line) && words.every((word) => this.textOf(line).includes(word)),
    );
  }

  /** Makes the texts ahead, bit by bit; gives the function that ends it. */
  prepare(): () => void {
    let at = 0;
    let timer: ReturnType<typeof setTimeout>;
    const some = () => {
      for (const line of this.lines.slice(at, at + AT_A_TIME)) this.textOf(line);
      at += AT_A_TIME;
      if (at < this.lines.length) timer = setTimeout(some);
    };
    timer = setTimeout(some);
    return () => clearTimeout(timer);
  }

  private textOf(line: LogLine): string {
    const known = this.texts.get(line.id);
    if (known !== undefined) return known;
    const { source, what, more } = lineText(line, this.told);
    const own = fold(`${source} ${what} ${more} ${line.wall ?? ""} ${line.who ?? ""}`);
    this.texts.set(line.id, own);
    return own;
  }
}

/** Without case and accents. */
function fold(text: string): string {
  return text.normalize("NFD").replace(/\p{M}/gu, "").toLowerCase();
}
