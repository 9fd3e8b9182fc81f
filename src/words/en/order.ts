import { counted } from "../counted.ts";

/** Words of the order list. */
export const order = {
  title: "Order",
  item: "What",
  quantity: "Quantity",
  pack: "Pack",
  packs: "Packs",
  onHand: "On hand",
  price: "Price a pack",
  cost: "Cost",
  quote: {
    title: "Cost and quote",
    rate: "An hour of one person",
    markup: "Markup on materials",
    tax: "Tax",
    materials: "Materials to buy",
    labour: (hours: number) => `Labour, ${hours} h of one person`,
    taxed: "Tax",
    sum: "Quote",
    formula:
      "(materials × (1 + markup) + labour) × (1 + tax), rounded once at the end. What is on hand is not bought. In the currency of your prices.",
    unpriced: (count: number) =>
      `${counted(count, "line has", "lines have")} no price yet and count as nothing.`,
    hours: "Where the hours come from",
    tasks: {
      board: "Board",
      strips: "Strips of the film",
      coat: "Coats of the film",
      "set-out": "Setting out",
      set: "Setting tile",
      grout: "Grouting and washing",
      cure: "Curing, without work",
      sealant: "Sealant",
      sealer: "Sealer",
    },
    rates:
      "Board 4 m²/h, strips 15 m/h, a coat 12 m²/h, set-out 1.5 h a wall, sealant 12 m/h, sealer 15 m²/h: defaults of the trade. Setting and grouting by their own pace.",
    fill: "Fill in made-up prices",
    fillHint: "To try a quote: nobody sells anything at these. Type your own over them.",
  },
  how: "How it was worked out",
  csv: "Save as CSV",
  print: "Print",
  lot: "Ask for tile of one lot and one caliber; check the marks on every box.",
  caution:
    "Amounts rest on the trade's defaults until you enter your own. Product data sheets win; local code and the membrane's listing decide coverage.",
  packUnit: {
    fieldTile: "a box",
    zoneTile: "a box",
    clips: "a bag",
    spacers: "a bag",
    wedges: "a bag",
    fasteners: "a box",
    washers: "a box",
  } as Record<string, string>,
  single: "by the piece",
  stock: {
    title: "Tile on hand",
    hint: "Count what is scarce: it is held against all that needs it before an opening is framed.",
    count: (tile: string) => `Count ${tile}`,
    onHand: "On hand",
    countedIn: "Counted in",
    units: { pieces: "pieces", sheets: "sheets", boxes: "boxes" },
    never: "It cannot be had again",
    leadDays: "Days until more of it is here",
    enough: (need: number, sheets: boolean) =>
      `Enough: ${counted(need, sheets ? "sheet" : "tile")} wanted, spare included.`,
    short: (need: number, short: number, sheets: boolean) =>
      `${counted(need, sheets ? "sheet" : "tile")} wanted, spare included: ${short} short.`,
    uses: {
      back: (name: string) => `Back of ${name || "the niche"}`,
      sides: (name: string) => `Sides of ${name || "the opening"}`,
      panel: (name: string) => name || "Panel",
      band: (name: string) => name || "Band",
      field: () => "Field",
    },
    reaches: (percent: number) => `· reaches for ${percent} %`,
    widest: (name: string) => `Widest ${name}`,
    by: { tile: "by the tile", bay: "by the stud bay" },
  },
};
