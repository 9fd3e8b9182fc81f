/** Words of the record of what was there before. */
export const record = {
  title: "What was there before",
  intro:
    "Scratches, chips and cracks that are here before the work starts: photographed, placed, told, and signed by both.",
  add: "Something found",
  empty: "Nothing is recorded yet. Walk round once, before anything is covered.",
  entry: (number: number) => `No. ${number}`,
  words: "What it is",
  wall: "Wall",
  noWall: "elsewhere in the room",
  x: "From its left corner",
  level: "From the level line",
  placeHint: "or click the drawing to place the one that is marked",
  toldWho: "Who was told",
  toldWhen: "When",
  today: "Today",
  addPhoto: "Photo",
  photo: (number: number, of: string) => `Photo ${number}: ${of}`,
  removePhoto: "Take this photo off",
  missingPhoto: "This photo is not in this browser. Import the job's ZIP file.",
  working: "Making the photo smaller…",
  problems: {
    "too-large": (file: string) =>
      `${file} is larger than 80 MB and was not taken. Make it smaller first; nothing else changed.`,
    "not-an-image": (file: string) =>
      `${file} cannot be opened as a photo. Choose a JPEG or PNG; nothing else changed.`,
    "disk-full": (file: string) =>
      `${file} was not kept: the browser's storage is full. Free some space and choose it again; the record itself is safe.`,
  },
  drawing: "Where it is",
  decisions: "Checks that were decided",
  noDecisions: "No check had to be decided.",
  by: "agreed",
  protection: "Protected before the work",
  items: {
    tub: "Tub or pan padded and covered",
    drain: "Drain plugged against grout and grit",
    floor: "Floor and way in covered",
    fixtures: "Taps, trim and glass wrapped or taken off",
    doors: "Door and vents taped against dust",
    furniture: "Vanity and mirror covered",
  } as Record<string, string>,
  signatures: "Both have seen this page",
  setter: "Setter, date",
  owner: "Owner, date",
  print: "Print",
  caution:
    "Old tile, board, adhesive or paint may hold asbestos or lead: have it tested before anything is taken down.",
};
