import { counted } from "../counted.ts";

/** Words of the job list. */
export const jobs = {
  fromLink: "link.dintel.json",
  more: (count: number) => `Show more of ${counted(count, "job")}`,
  title: "Jobs",
  newJob: "New job",
  importFile: "Import a job file",
  empty: "No jobs yet",
  emptyText:
    "Start with four answers: what the enclosure is, how wide and high, which tile, which pattern. Or take a sample apart to see what a planned job looks like.",
  addSamples: "Add the sample jobs",
  rename: "Rename",
  duplicate: "Duplicate",
  export: "Export",
  remove: "Delete",
  erase: "Erase for good",
  restore: "Bring back",
  deleted: (name: string) => `“${name}” is deleted.`,
  deletedTitle: "Deleted jobs",
  picture: (name: string) => `The surround of ${name}, set out`,
  fromFile: (name: string) => `${name}, from a file`,
  copyOf: (name: string) => `${name}, copy`,
  find: "Find a job",
  noneFound: "No job holds all of these words.",
  sort: "Sorted by",
  orders: { changed: "last change", name: "name", stage: "how far it is" },
  at: (stage: string) => `At ${stage}`,
  next: (stage: string) => `next: ${stage}`,
  changed: (when: string) => `changed ${when}`,
  importFailed: (file: string) => `${file} was not imported. Your jobs are as they were.`,
  fileTooLarge: "The file is larger than 8 MB: that is no job file. Choose a .dintel.json file.",
  unreadable: "The file cannot be read: it was moved, or is not there any more. Choose it again.",
  zipTooLarge: "The file is larger than 300 MB. Choose a job's .dintel.zip file.",
  zipProblems: {
    damaged: "The ZIP file is damaged and cannot be opened. Export the job again.",
    "too-many-files":
      "The ZIP file holds more files than a job has. Choose a job's .dintel.zip file.",
    "too-large": "The ZIP file unpacks to more than a job can be. Choose a job's .dintel.zip file.",
  },
  zipWithoutJob: "There is no .dintel.json file in this ZIP: it is of another kind.",
  moreProblems: (count: number) => `and ${count} more`,
  nameLabel: "Name of the job",
  nameMissing: "Give the job a name.",
  storage: {
    failed:
      "This browser's storage cannot be opened. You can work on: jobs are kept in this tab alone, so save each as a file before you close it.",
    newer:
      "The jobs of this browser were stored by a newer release of Dintel; they are left as they are. Reload to get that release. Until then jobs are kept in this tab alone: save them as files.",
  },
  samplesCame: (count: number) =>
    count === 0 ? "All sample jobs are here." : `${counted(count, "sample job")} added.`,
  samplesFailed:
    "The sample jobs could not be fetched. Your own jobs are here as ever; reload to try again.",
  damagedTitle: "Jobs that cannot be read",
  damagedText:
    "What is stored of these is damaged. Save what is there as a file before you do anything else; the other jobs are not touched.",
  saveRemains: "Save what is there",
  setAside: "Set aside",
  asideTitle: "Set aside",
  eraseTitle: "Erase for good?",
  eraseText: (name: string) =>
    `“${name}” and the photos that no other job has will be gone from this browser. Nothing brings them back but a file that you exported.`,
  keep: "Keep it",
};

/** Words of a new job's first answers. */
export const newJob = {
  title: "A new job in four answers",
  later:
    "Everything can be corrected later. The job opens on the best layout of all that can be compared; Compare in Set out shows others.",
  name: "Job name",
  namePlaceholder: "Street and room",
  unit: "Tape in",
  enclosure: "1 · What is it?",
  enclosures: {
    alcove: "Alcove, three walls",
    corner: "Corner, two walls",
    single: "One wall",
    "four-walls": "Four walls",
    band: "Band above an old surround",
    "knee-wall": "Alcove with a knee wall",
  },
  base: "Standing on",
  bases: {
    pan: "Shower pan",
    tub: "Tub",
    curb: "Curb",
    floor: "Floor",
    "old-surround": "Old surround",
  },
  walls: "2 · How wide and how high?",
  width: "Width",
  height: "Height",
  tile: "3 · Which tile?",
  tileWidth: "Tile, one side",
  tileHeight: "Tile, other side",
  tileThickness: "Thickness",
  actual: "Measure a tile: the box says nominal.",
  joint: "Joint",
  pattern: "4 · Which pattern?",
  create: "Plan it",
  searching: "Comparing layouts…",
};
