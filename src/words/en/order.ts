/** Words of the order list. */
export const order = {
  title: "Order",
  item: "What",
  quantity: "Quantity",
  pack: "Pack",
  packs: "Packs",
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
    fasteners: "a box",
    washers: "a box",
  } as Record<string, string>,
  single: "by the piece",
};
