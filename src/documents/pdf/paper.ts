import PDFDocument from "pdfkit";
import type { PaperName } from "../names.ts";

/** Points of a millimetre. */
export const MM = 72 / 25.4;

/** Sheets of paper, mm. */
const PAPERS: Record<PaperName, { width: number; height: number }> = {
  a4: { width: 210, height: 297 },
  letter: { width: 215.9, height: 279.4 },
};

/** The two cuts of the typeface, as the files hold them. */
export interface Fonts {
  regular: Uint8Array;
  bold: Uint8Array;
}

/** Edges of a sheet, mm: printers leave as much. */
const MARGIN = { side: 14, top: 16, bottom: 18 };

/** What stands at the foot of a page ends so far above its edge, mm. */
const LOWEST = 7;

const SIZES = { title: 20, head: 13, text: 9.5, small: 8 };

export interface PaperTexts {
  title: string;
  language: string;
  /** At the foot of every page, beside its number. */
  foot: string;
  page: (page: number, of: number) => string;
}

interface TableColumn {
  head: string;
  /** Share of the width. */
  wide: number;
  right?: boolean;
}

type Doc = PDFKit.PDFDocument;

/**
 * Sheets that are written from the top down: headings that become bookmarks, words, tables that go on
 * over pages with their heads, and drawings. All of it is tagged, so that it is read in its order.
 */
export class Paper {
  readonly doc: Doc;
  readonly width: number;
  /** Where the next thing is written, mm from the top. */
  y = MARGIN.top;
  private readonly sheet: { width: number; height: number };
  private readonly chunks: Uint8Array[] = [];

  constructor(
    name: PaperName,
    fonts: Fonts,
    private readonly texts: PaperTexts,
    at: number,
  ) {
    this.sheet = PAPERS[name];
    this.width = this.sheet.width - 2 * MARGIN.side;
    this.doc = new PDFDocument({
      size: [this.sheet.width * MM, this.sheet.height * MM],
      margin: 0,
      autoFirstPage: false,
      bufferPages: true,
      tagged: true,
      displayTitle: true,
      pdfVersion: "1.7",
      lang: texts.language,
      font: null as unknown as string,
      info: { Title: texts.title, Creator: "Dintel", CreationDate: new Date(at) },
    } as PDFKit.PDFDocumentOptions);
    this.doc.on("data", (chunk: Uint8Array) => this.chunks.push(chunk));
    this.doc.registerFont("regular", fonts.regular as never);
    this.doc.registerFont("bold", fonts.bold as never);
    this.doc.font("regular");
  }

  /** Where writing begins, mm from the left. */
  get left(): number {
    return MARGIN.side;
  }

  /** Room left on the page, mm. */
  get room(): number {
    return this.sheet.height - MARGIN.bottom - this.y;
  }

  /** A new page; with a title it begins a part that has a bookmark. */
  page(title?: string): void {
    this.doc.addPage();
    this.y = MARGIN.top;
    if (title === undefined) return;
    this.doc.outline.addItem(title);
    this.words("H1", title, SIZES.title, "bold");
    this.y += 2;
  }

  /** A heading within a part; it stays with what follows it. */
  heading(text: string): void {
    this.keep(24);
    this.y += 3;
    this.words("H2", text, SIZES.head, "bold");
    this.y += 1;
  }

  /** A paragraph. */
  text(text: string, { bold = false, small = false } = {}): void {
    this.words("P", text, small ? SIZES.small : SIZES.text, bold ? "bold" : "regular");
    this.y += 1;
  }

  /** Names and what they come to, in two columns. */
  facts(rows: [string, string][]): void {
    this.table(
      [
        { head: "", wide: 1 },
        { head: "", wide: 1, right: true },
      ],
      rows,
    );
  }

  /** A table; its head stands again on every page that it goes on to. */
  table(columns: TableColumn[], rows: string[][]): void {
    const whole = columns.reduce((sum, { wide }) => sum + wide, 0);
    const widths = columns.map(({ wide }) => (wide / whole) * this.width);
    const hasHead = columns.some(({ head }) => head !== "");
    const heads = () => {
      if (!hasHead) return;
      this.row(
        columns.map(({ head }) => head),
        columns,
        widths,
        "TH",
      );
    };
    this.keep(14);
    heads();
    for (const cells of rows) {
      if (this.heightOf(cells, widths) > this.room) {
        this.page();
        heads();
      }
      this.row(cells, columns, widths, "TD");
    }
    this.y += 2;
  }

  /**
   * Room for a drawing of so many mm, drawn in mm from its upper left corner; `alt` says what it shows to
   * those who cannot see it.
   */
  drawing(height: number, alt: string, draw: (doc: Doc) => void): void {
    this.keep(height);
    this.figure(alt, this.left, this.y, draw);
    this.y += height + 2;
  }

  /** A drawing at a place of its own on the page, mm. */
  figure(alt: string, x: number, y: number, draw: (doc: Doc) => void): void {
    const { doc } = this;
    doc.addStructure(
      doc.struct("Figure", { alt }, () => {
        doc.save();
        doc.translate(x * MM, y * MM).scale(MM);
        draw(doc);
        doc.restore();
      }),
    );
  }

  /** Words at a place within a drawing, mm; `at` says which end of them is there. */
  label(
    doc: Doc,
    text: string,
    x: number,
    y: number,
    { size = 3, bold = false, at = "left" as "left" | "middle" | "right" } = {},
  ): void {
    doc.font(bold ? "bold" : "regular").fontSize(size);
    const wide = doc.widthOfString(text);
    const from = at === "left" ? x : at === "middle" ? x - wide / 2 : x - wide;
    doc.fillColor("black").text(text, from, y - size * 0.8, { lineBreak: false });
  }

  /** All pages as a file. */
  async bytes(): Promise<Uint8Array> {
    const { doc } = this;
    const { start, count } = doc.bufferedPageRange();
    for (let k = start; k < start + count; k++) {
      doc.switchToPage(k);
      doc.markContent("Artifact", { type: "Pagination" } as never);
      doc.font("regular").fontSize(7.5).fillColor("black");
      const options = { lineBreak: false };
      // The last line stands lowest, however many there are: a caution is never cut short.
      const foot = { width: (this.width - 16) * MM };
      const y = (this.sheet.height - LOWEST) * MM - doc.heightOfString(this.texts.foot, foot);
      doc.text(this.texts.foot, this.left * MM, y, foot);
      const number = this.texts.page(k + 1, count);
      const wide = doc.widthOfString(number);
      doc.text(number, (this.left + this.width) * MM - wide, y, options);
      doc.endMarkedContent();
    }
    const ended = new Promise<void>((resolve) => doc.on("end", () => resolve()));
    doc.end();
    await ended;
    return joined(this.chunks);
  }

  /** A page break where less than so much room is left, mm. */
  keep(height: number): void {
    if (height > this.room) this.page();
  }

  private words(tag: string, text: string, size: number, font: "regular" | "bold"): void {
    const { doc } = this;
    doc.font(font).fontSize(size);
    const options = { width: this.width * MM };
    const height = doc.heightOfString(text, options) / MM;
    this.keep(height);
    doc.font(font).fontSize(size).fillColor("black");
    doc.addStructure(
      doc.struct(tag, {}, () => {
        doc.text(text, this.left * MM, this.y * MM, options);
      }),
    );
    this.y += height + 0.6;
  }

  private heightOf(cells: string[], widths: number[]): number {
    const { doc } = this;
    doc.font("regular").fontSize(SIZES.text);
    const heights = cells.map((cell, k) =>
      doc.heightOfString(cell || " ", { width: ((widths[k] ?? 10) - 2) * MM }),
    );
    return Math.max(...heights) / MM + 1.6;
  }

  private row(cells: string[], columns: TableColumn[], widths: number[], tag: "TH" | "TD"): void {
    const { doc } = this;
    const height = this.heightOf(cells, widths);
    const row = doc.struct("TR");
    doc.addStructure(row);
    let x = this.left;
    cells.forEach((cell, k) => {
      const wide = widths[k] ?? 10;
      row.add(
        doc.struct(tag, {}, () => {
          doc
            .font(tag === "TH" ? "bold" : "regular")
            .fontSize(tag === "TH" ? SIZES.small : SIZES.text)
            .fillColor("black")
            .text(cell, (x + 0.5) * MM, (this.y + 0.8) * MM, {
              width: (wide - 2) * MM,
              align: columns[k]?.right ? "right" : "left",
            });
        }),
      );
      x += wide;
    });
    row.end();
    this.y += height;
    doc.markContent("Artifact");
    doc
      .moveTo(this.left * MM, this.y * MM)
      .lineTo((this.left + this.width) * MM, this.y * MM)
      .lineWidth(tag === "TH" ? 0.8 : 0.3)
      .strokeColor(tag === "TH" ? "black" : "#999999")
      .stroke();
    doc.endMarkedContent();
  }
}

function joined(chunks: Uint8Array[]): Uint8Array {
  const size = chunks.reduce((sum, { length }) => sum + length, 0);
  const all = new Uint8Array(size);
  let at = 0;
  for (const chunk of chunks) {
    all.set(chunk, at);
    at += chunk.length;
  }
  return all;
}
