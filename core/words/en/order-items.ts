import type { OrderItem } from "../../order/row.ts";

/**
 * Names of what is on the order list. The open format and prices know items by these names, or by
 * their codes, whatever the reader's language is.
 */
export const ORDER_ITEMS: Record<OrderItem, string> = {
  fieldTile: "Field tile",
  zoneTile: "Accent or second tile",
  trimProfile: "Edge profile, bars",
  trimPencil: "Pencil liner, bars",
  bullnose: "Bullnose, pieces",
  edgeTile: "Tile for edge pieces",
  membrane: "Liquid membrane",
  clips: "Leveling clips",
  spacers: "Spacers",
  wedges: "Leveling wedges",
  sealer: "Sealer",
  groutAdditive: "Grout additive",
  mortar: "Thinset mortar",
  adhesive: "Ready-mixed adhesive, tubs",
  grout: "Grout",
  sealant: "Flexible sealant",
  hiddenBead: "Hidden bead",
  boardBead: "Sealant under the board",
  maskTape: "Masking tape",
  skimCoat: "Skim coat for torn board",
  primer: "Primer for glossy surfaces",
  roller: "Roller covers, 10 mm (3/8 in) nap",
  brush: "Brushes for strips and corners",
  board: "Board, sheets",
  fasteners: "Board fasteners",
  washers: "Fastener washers",
  tape: "Seam tape",
  jointMortar: "Joint mortar",
  seamSealant: "Seam sealant",
  sheetRoll: "Sheet membrane, rolls",
  band: "Membrane band",
  insideCorner: "Preformed inside corners",
  outsideCorner: "Preformed outside corners",
  pipeSeal: "Pipe seals",
  valveSeal: "Valve seals",
};
