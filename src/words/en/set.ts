import type { Work } from "../../../core/project/schema.ts";
import type { GroutStep, MortarPhase } from "../../../core/set/clocks.ts";
import type { MortarReason } from "../../../core/set/mortar-rule.ts";
import { counted } from "../counted.ts";

type SupportKind = NonNullable<Work["supports"]>[number]["kind"];

/** Words of the Set stage. */
export const set = {
  title: (session: number, of: number) => `Set · session ${session} of ${of}`,
  allSet: "All tile is set",
  nothing: "Nothing to set: no tile is laid yet.",
  far: (done: number, all: number, hours: string) =>
    `${done} of ${all} pieces set · ${hours} to go`,
  hours: (minutes: number) => {
    const whole = Math.round(minutes);
    const [h, m] = [Math.floor(whole / 60), whole % 60];
    return h === 0 ? `${m} min` : `${h} h ${String(m).padStart(2, "0")}`;
  },
  row: (wall: string, course: number | string) => `${wall}, course ${course}`,
  zoneRow: (wall: string, zone: string) => `${wall}, ${zone}`,
  interior: (wall: string, opening: string) => `${wall}, inside ${opening}`,
  niche: "the niche",
  next: "Next",
  pieces: (count: number, cuts: number) =>
    cuts > 0 ? `${counted(count, "piece")}, ${cuts} cut` : counted(count, "piece"),
  setIt: (row: string) => `Set: ${row}`,
  takeBack: (row: string) => `Not set after all: ${row}`,
  now: "Now, with large clocks",
  sessionHead: "Session",
  session: (n: number) => `Session ${n}`,
  ends: (n: number) => `session ${n} ends`,
  key: { done: "set", next: "next, in order", clip: "clip", end: "a session ends" },
  today: "This session",
  facts: {
    pieces: "Pieces",
    time: "Time",
    area: "Area",
    mixes: "Mixes",
    powder: "Powder",
    water: "Water",
    clips: "Clips, wedges",
    spacers: "Spacers",
  },
  mix: (powder: string, water: string) => `${powder} + ${water}`,
  mixTimes: (count: number, mix: string) => `${count} × ${mix}`,
  sums: {
    rows: "Each row: area ÷ pace + cuts, in the order of the work; a session takes rows while they fit its hours. Powder: area × (bed + back-butter) × rate × (1 + waste).",
    row: "Row",
    pace: "Pace",
    cuts: "Cuts",
    bucket: (kg: string, rests: string) => `A bucket takes ${kg} (${rests}).`,
    potLife: (perHour: string, minutes: number, rests: string) =>
      `In a pot life of ${minutes} min (${rests}), less a quarter, ${perHour} an hour is used up.`,
    largest: (kg: string, count: number) =>
      `The smaller of both is the largest mix: ${kg}. So ${counted(count, "equal mix", "equal mixes")}, mortar by mortar.`,
    water: (ratio: number, rests: string) =>
      `Water: ${ratio} L to a kilogram of powder (${rests}).`,
    held: "Clips and spacers go with the later of the two pieces that they hold; wedges are as many as the session with most clips has.",
  },
  sessions: "All sessions",
  courses: (from: number, to: number) =>
    (from === to ? String(from) : `${from}–${to}`).replaceAll("-", "−"),
  bags: (bags: number, water: string, left: string) =>
    `${counted(bags, "bag")} and ${water} of water; ${left} stay in the last bag.`,
  cutFirst: "Cut before the next mix",
  cutFirstHint: "Of the rows that the next mix sets. A tick is kept with the ticket.",
  allCut: "Every cut of the next rows is made.",
  carry: "Carry in before mixing",
  carried:
    "Trowel, margin trowel, spacers, clips and wedges, water measured by the bag, sponge, bucket of clean water, level, and the pieces above.",
  mortar: "Mortar",
  ruleOf: (use: string) => use,
  field: "Field",
  back: (niche: string) => `Back of ${niche}`,
  classes: (classes: string[]) =>
    classes.length === 0 ? "as the membrane's listing names it" : classes.join(" or "),
  largeFormat: "large-format",
  white: "white",
  grey: "grey for dark grout, white else",
  reasons: {
    glass: "Glass shows what lies behind it and takes up no water: high polymer, white.",
    "porcelain-on-film":
      "Porcelain over a film: neither takes up water; modified mortar holds them.",
    "sheet-membrane":
      "Over a sheet the membrane's listing names the class; ask for it, do not guess.",
    "large-tile": "A side of 15 in or more slumps in ordinary mortar.",
    "light-stone": "Light stone shows grey mortar through.",
    "light-grout": "Grey mortar in the joint shows beside light grout.",
    plain: "Ordinary tile on board: any modified cement mortar.",
  } satisfies Record<MortarReason, string>,
  readyMixed: "ready-mixed adhesive, in tubs",
  readyWhy:
    "As Board has it: for dry walls and tile under 15 in, not under glass nor over film. It dries through the joints.",
  onHand: "Class on hand",
  colourOnHand: "Its colour",
  notSaid: "Not said",
  colours: { white: "White", grey: "Grey" },
  perBag: "A bag covers, as it says",
  perBagHint: "With your trowel, from the bag's own table. It replaces bed and rate.",
  clear: "Forget what the bag says",
  mass: (mass: string, board: string) => `Hangs ${mass} on the wall. ${board}`,
  carries: {
    drywall: "Drywall carries 32 kg/m² (6.5 lb/sq ft).",
    cement: "Cement board: see its listing.",
    foam: "Foam board: see its listing.",
    "gypsum-coated": "Coated gypsum board: see its listing.",
  },
  trowel: (notch: string, size: string) => `${size} ${notch}`,
  notches: { square: "square", v: "V" },
  bed: "Bed",
  spreadAhead: "Spread ahead at most",
  spreadHint: (minutes: number) =>
    `Your pace for ${minutes} min of open time, less a quarter. Touch it: mortar that does not stick to the finger is scraped off and spread anew.`,
  about: (courses: string) => `about ${courses}`,
  course: (count: string) => `${count} of a course`,
  sheets: (count: string) => `${count} sheets`,
  pace: "How the work goes",
  lot: "Lot, colour on the bag",
  order: "Order",
  orders: {
    rising: "All walls rising together: courses stay level",
    "back-first": "Back wall first, then the sides",
  },
  fields: {
    setHours: "Hours of setting a day",
    setRate: "Your own pace",
    bucketKg: "Powder to a bucket",
    potLifeMin: "Pot life",
    slakeMin: "Slake",
    openTimeMin: "Open time",
    mortarWater: "Water to powder",
    controlEvery: "Courses between control lines",
    sessionKg: "Most weight a session",
    sessionRise: "Most rise a session",
  },
  ticks: {
    nicheFirst: "Niches and windows first",
    cutAhead: "All pieces are cut before the first mix",
    firstOvernight: "First course sets overnight",
  },
  heat: (air: string, what: string, minutes: number) =>
    `In air of ${air}: ${what.toLowerCase()} ${minutes} min.`,
  takeHeat: "Take it",
  unlimited: "No limit",
  correction: "Measure a set course",
  correctionHint:
    "Top of the course above the level line (below: with a minus), at the left, in the middle, at the right. Each end is worked out by itself.",
  courseField: "Course",
  along: { left: "Left", middle: "Middle", right: "Right" },
  planned: "planned",
  off: (mm: string, high: boolean) => (high ? `${mm} high` : `${mm} low`),
  onPlan: "as planned",
  joints: (joint: string, from: number, to: number) =>
    from === to
      ? `joint ${joint} in course ${from}`
      : `joints ${joint} in courses ${from} to ${to}`,
  jointSum: (joint: string, off: string, high: boolean, courses: number) =>
    `${joint} ${high ? "−" : "+"} ${off} ÷ ${counted(courses, "course")}, within its limits`,
  rest: (mm: string, course: number, high: boolean) =>
    `${mm} ${high ? "high" : "low"} still at the top of course ${course}: recut there.`,
  fewest: (courses: number, from: number) =>
    `It takes ${counted(courses, "course")}: after course ${from} it would still have worked.`,
  tooMany: (courses: number) =>
    `It takes ${counted(courses, "course")}, more than there are below that line: measure again.`,
  noRoom: "No joint may be narrower here: recut.",
  limits: (least: string, most: string) => `Joints stay between ${least} and ${most}.`,
  hold: "Hold tops at",
  changedCuts: "Cuts that come out otherwise",
  changedCut: (wall: string, number: number) => `${wall} ${number}`,
  asSetCut: (from: string, to: string) =>
    `The courses as they were set want a height of ${to} here instead of ${from}.`,
  rims: {
    bottom: (of: string, mm: string, high: boolean) =>
      `Sill of ${of}: the course under it ends ${mm} ${high ? "too high" : "too low"}.`,
    top: (of: string, mm: string, high: boolean) =>
      `Head of ${of}: the joint over it stands ${mm} ${high ? "too high" : "too low"}.`,
  },
  lastStands: (course: number, places: string) =>
    `Course ${course}, the last, will stand off its plan: ${places}.`,
  lastOver: (mm: string) =>
    `Its whole tiles come ${mm} over the edge of the field: cut them, or end the field that much higher.`,
  forget: "Forget this course",
  runFrom: "Run measured from the",
  runSides: { left: "Left corner", right: "Right corner" },
  runAt: "To the last tile's far edge",
  runOff: (mm: string, long: boolean) =>
    long ? `The run is ${mm} long` : `The run is ${mm} short`,
  runJoints: (joint: string, left: number) =>
    left === 1
      ? `joint ${joint} before the last piece`
      : `joints ${joint} in the ${left} that are left`,
  runEnd: (piece: string, from: string, to: string) =>
    `Or keep the joints and cut ${piece} to ${to} instead of ${from}.`,
  coverage: "Pull a tile and look",
  addCoverage: "Tile pulled",
  share: "In contact",
  corners: "Edges and corners full",
  ridges: "Ridges stood or crossed",
  ridgesWhy:
    "Ridges that cross shut air in: comb one way, across the short side, and press across them.",
  enough: (wanted: string) => `Enough: ${wanted} is wanted here.`,
  tooLittle: (wanted: string) => `Too little: ${wanted} is wanted here, edges and corners full.`,
  square: { in: "a square foot", mm: "a square metre" },
  nextTrowel: (trowel: string, more: string, raises: string) =>
    `Take ${trowel}: ${more} more powder, the face comes out ${raises} farther; check profiles and the tile beside.`,
  deepest: "Back-butter every tile, and press harder: there is no deeper customary notch.",
  photo: "Photo of its back",
  otherPhoto: "Another photo of its back",
  lippage: "Lippage",
  addLippage: "Edge measured",
  lippageMm: "One edge over the other",
  within: (limit: string) => `Within ${limit}.`,
  beyond: (limit: string) => `Over ${limit}: lift the tile while the mortar is soft, or reset it.`,
  supports: "Ledgers, nails, tape, props",
  addSupport: "Support",
  supportKinds: {
    ledger: "Ledger",
    nails: "Nails",
    tape: "Tape",
    prop: "Prop",
  } satisfies Record<SupportKind, string>,
  holds: "What it holds",
  level: "Above the level line",
  stays: "Stays, hours",
  throughFilm: "Goes through board or film",
  holeWords: (kind: string) => `${kind}, while tile was set`,
  holeLogged: "Its hole is on the list in Waterproof, to be patched before tile covers it.",
  outFrom: (when: string) => `Out from ${when}`,
  mayOut: "May come out",
  takenOut: "Taken out",
  watch: "What was seen to go wrong",
  lessons: [
    "Mortar hard in joints and between interlocking sheets: rake to two thirds of the depth before it sets.",
    "Bare corners: key the back, and comb to the very edge of the bed.",
    "Ridges crossed or swirled: air stays in. One direction, across the short side; then move the tile across them.",
    "Spacers left in crossings show through grout: across the joint they can be pulled.",
    "Squeeze-out left on the face of mosaic or stone stains: off at once with a damp sponge.",
    "Rows that hang below a start: tape each to the one above; one row of tall tile, 200 mm (8 in) of others a session.",
    "The first course carries all: let it set overnight where the base is uneven or the tile is heavy.",
    "Lugs set the joint by themselves; no spacer goes between them, and none evens out a short side.",
    "Back-butter a smooth back: the thin coat keys, keeps your pencil lines and lets each tile be levelled by itself.",
    "An accent that stands proud: thinner notch behind it, or pack the field; sand nothing.",
    "Ready-mixed adhesive comes in tubs, dries through the joints and stays soft for days; 80 % contact will do on dry walls alone.",
    "Accent sheets mounted on membrane beforehand need two days to become a panel.",
    "Test-fit valve trim, arm and spout before grout.",
  ],
  endOfDay: "End of the day",
  endSteps: [
    "Joints and interlocks scraped to two thirds",
    "Faces and edges washed",
    "Clips of the last session pulled, wedges counted",
    "Props, tape and ledger: their times looked at",
    "What is left in the bucket thrown away, not down the drain",
  ],
  caution:
    "Gloves with wet cement (it burns) and with glass edges; a respirator when powder is mixed. Two people for large tile. Never stand on the tub's edge; a ladder on firm ground. Saw and mixer on a GFCI/RCD outlet, cables with a drip loop; holes in place with a cordless drill, water-cooled. Gas, water and power: licensed people. Data sheets win over every figure here.",
  phases: {
    slaking: "slakes",
    usable: "pot life",
    last: "use it up",
    over: "too stiff",
  } satisfies Record<MortarPhase, string>,
  paperOrder: "Rows in their order",
};

/** Words of the page Now. */
export const now = {
  title: "Now",
  mixNow: (mix: string) => `Mixed: ${mix}`,
  mixHint: "Press it when water and powder are together. The clock runs on when the phone is off.",
  mixNo: (n: number) => `mix ${n}`,
  mixAgain: "mix once more, then use",
  spread: "Spread",
  open: "open time",
  skinned: "skinned: scrape off",
  empty: "Bucket empty",
  thrownAway: "Thrown away",
  notEmpty: "Undo: bucket empty",
  over: (minutes: number) => `over for ${minutes} min: throw it away`,
  left: "Left in the bucket",
  leftSets: (rows: string) => `still sets ${rows}`,
  leftNothing: "sets no whole row any more",
  nextWall: (may: boolean): string =>
    may ? "The next wall may be begun." : "Do not begin the next wall with it.",
  set: "Set",
  undo: (row: string) => `Undo: ${row}`,
  pull: "Pull one and look",
  stop: "Stop for today",
  goOn: "Go on",
  cut: "cut",
  notCut: "to cut",
  afterwards: "While it sets",
  steps: {
    scrape: "Scrape joints to two thirds, faces washed",
    clips: "Pull the clips of the last session",
  },
  supportOut: (kind: string, wall: string) => `${kind} out: ${wall}`,
  tellPot: "Tell me before it is too stiff",
  potTold: (job: string) => `${job}: use up the bucket`,
  tellWash: "Tell me when to wash",
  washTold: (job: string) => `${job}: wash now`,
  none: "No mix is running.",
  grout: "Grout",
  groutSteps: {
    float: "Float",
    wash: "Wash",
    haze: "Take the haze off",
    done: "Done",
  } satisfies Record<GroutStep, string>,
  groutDone: {
    float: "Floated",
    wash: "Washed",
    haze: "Haze is off",
    done: "Done",
  } satisfies Record<GroutStep, string>,
  washBy: "wash by then",
  late: (minutes: number) => `${minutes} min late`,
  hazeIn: "haze may come off then",
  hazeNow: "haze may come off",
  groutMix: (wall: string, n: number) => `${wall}, mix ${n}`,
  allGrouted: "All joints are grouted.",
  tileFirst: "Grout waits until all tile is set.",
};
