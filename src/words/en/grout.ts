import type { GroutChoice, KindReason } from "../../../core/grout/kind.ts";
import type { SoftJointKind } from "../../../core/grout/soft-joints.ts";
import type { GroutKind } from "../../../core/project/job.ts";
import { counted } from "../counted.ts";

/** Words of the Grout stage. */
export const grout = {
  title: (wall: string) => `Grout · ${wall}`,
  nothing: "No joint to fill.",
  kind: "Which grout",
  kinds: {
    unsanded: "Without sand",
    sanded: "Sanded",
    "all-purpose": "Fine, all-purpose",
    epoxy: "Epoxy",
  } satisfies Record<GroutKind, string>,
  asUsual: "As the joint wants it",
  why: {
    narrow: "below 3 mm (1/8 in): sand does not go in",
    either: "3 to 3.2 mm: with or without sand",
    wide: "over 3.2 mm: without sand it shrinks and cracks",
    "soft-face": "sand would scratch this face",
    chosen: "your choice",
  } satisfies Record<KindReason, string>,
  against: {
    "too-wide": "too wide for it: it shrinks",
    "too-narrow": "too narrow for its sand",
    scratches: "its sand scratches this face",
  } satisfies Record<NonNullable<GroutChoice["against"]>, string>,
  joint: (use: string, joint: string) => `${use}, joint ${joint}`,
  field: "Field",
  wet: "Where it gets wet: a polymer additive in place of water, or epoxy. Fast kinds set in a third of the time: mix less.",
  colour: "Colour",
  colourHint:
    "Light grout hides uneven joints, dark grout shows each one; grey mortar left in the joint shows beside light grout.",
  mixes: "Mixes",
  mixesHint: (limit: string, minutes: number) =>
    `Placed and first-washed within ${minutes} min: at most ${limit} at a time, from the top down.`,
  mix: (n: number) => `Mix ${n}`,
  powder: "Powder",
  water: "Water",
  area: "Area",
  minutes: (spread: number, wash: number) => `${spread} min to place, ${wash} to wash`,
  waterHow: (first: string, all: string) =>
    `Water by weight: ${first} first and the powder into it; up to ${all} only if needed.`,
  keepDry: "Keep a handful of each mix's powder dry, to stiffen it.",
  sums: {
    formula: "Area of a mix ≤ working time ÷ (1 ÷ place + 1 ÷ wash)",
    most: "At most at a time",
    place: "Area ÷ place",
    wash: "Area ÷ wash",
    parted:
      "The wall is parted from the top down into the fewest mixes of whole courses, and of these the most even; powder by the joints of each.",
  },
  states: {
    todo: "to do",
    placing: "being placed",
    floated: "floated",
    washed: "washed",
    hazed: "haze off",
  },
  begin: "Mixed now",
  notBegun: "Not mixed after all",
  fields: {
    groutWorkMin: "Working time",
    spreadRate: "You place",
    washRate: "You wash",
    groutWater: "Water to powder",
    hazeMin: "Haze off after",
  },
  amount: "Amount",
  perArea: (amount: string, square: string) => `By rule of thumb: ${amount} ${square}.`,
  gate: "Ready for grout?",
  gates: {
    clips: "Clips and spacers out, crossings looked at",
    joints: "Joints clean to two thirds of their depth",
    age: "Mortar is a day old; two under glass or large porcelain over film",
    faces: "Faces washed",
    masked: "Edges and neighbours masked",
    sealed: "Porous tile sealed first, so that grout does not stain it",
    trim: "Valve trim, arm and spout test-fitted",
  } as Record<string, string>,
  from: (when: string, hours: number) => `Not before ${when}: ${hours} h after the last tile.`,
  open: (count: number) => `${count} still open.`,
  through: "Through: grout may start.",
  masks: "To mask",
  groutAfter: "After the haze",
  afterHaze: [
    "Second haze the next day with a dry cloth.",
    "Look for pinholes with a light along the wall; fill them the same day.",
    "Keep a jar of dry grout of this lot for repairs.",
  ],
  changes: "Plane changes",
  school: "School",
  schoolWhy: "Grout in a plane change cracks.",
  schools: {
    seal: "Sealed, no grout (recommended)",
    "grout-and-seal": "Grouted and sealed over",
  },
  softJoints: "Soft joints on this wall",
  softKinds: {
    base: "Base",
    top: "Top",
    corner: "Left inside corner",
    opening: "Round",
    niche: "Inside corners of",
    shelf: "Along",
  } satisfies Record<SoftJointKind, string>,
  grouted: "grouted first, sealed over",
  sealed: "sealant alone",
  hidden:
    "The hidden bead behind the tile is a row of its own on the order. Leave a weep gap under the spout.",
  same: "Note the sealant's family: the next repair takes the same.",
  sealer: "Sealer",
  sealerWhat: "What is sealed",
  sealers: {
    usual: "As the tile wants it",
    none: "Nothing",
    joints: "Joints alone",
    all: "The whole face",
  },
  sealerOrder: "What goes on first",
  sealerOrders: {
    sealant: "Sealant, on clean joint edges (recommended)",
    sealer: "Sealer, where the products say so",
  },
  sealerAmount: "Sealer for the job",
  sealerHint:
    "Three days after grout; sealer is kept off the bead. The products win. None on epoxy.",
  tubes: (sealant: number, hidden: number) =>
    hidden > 0
      ? `${counted(sealant, "cartridge")} for the soft joints of the job, ${hidden} for the hidden bead.`
      : `${counted(sealant, "cartridge")} for the soft joints of the job.`,
  coats: "Coats",
  rate: "A litre covers",
  shower: {
    title: "First shower",
    after: (hours: number) => `${hours} h after the last wash`,
    from: (when: string) => `From ${when}`,
    steps: { grout: "Grout cures", sealer: "Sealer dries", sealant: "Sealant, after the sealer" },
    hint: "A date is no promise: the products' data sheets decide, and cold or damp air takes longer.",
  },
  light: "Side light",
  lightOff: "off",
  lightHint:
    "What a low light from the side shows from the door: each tile within the lippage that is allowed, each joint within the tiles' spread. Not a measurement.",
  lightAt: (degrees: number) => `${degrees}° above the wall`,
  used: "Used against planned",
  charts: {
    open: "Used against planned",
    mortar: "Mortar by wall",
    grout: "Grout by wall",
    planned: "planned",
    used: "used",
    coverage: "Coverage by place",
    wanted: "wanted",
    day: "Mixes by the clock",
    place: "Place",
    wall: "Wall",
    from: "From",
    to: "To",
    nothing: "Nothing is logged yet: mixes are begun in Now, coverage is noted in Set.",
  },
  count: (mixes: number) => counted(mixes, "mix", "mixes"),
  caution:
    "Gloves and eye protection: wet grout burns. A respirator when powder is mixed; no dry sweeping. Ventilate with epoxy, sealer and sealant. Data sheets win over every figure here.",
};
