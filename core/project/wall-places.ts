/** What a wall is called by its place, until the user names it. */
export const ENGLISH_PLACES = {
  left: "Left",
  back: "Back",
  right: "Right",
  front: "Front",
  alone: "Wall",
  kneeEnd: "Knee wall end",
};

export type WallPlace = keyof typeof ENGLISH_PLACES;
export type PlaceNames = Record<WallPlace, string>;

let spoken: PlaceNames = ENGLISH_PLACES;

/** Names new walls from now on in a language's words; walls that are there keep their names. */
export function namePlaces(names: PlaceNames): void {
  spoken = names;
}

/** The letter of the wall at an index, left to right as seen from inside. */
export function wallLetter(index: number): string {
  return String.fromCharCode(65 + index);
}

/** A wall's first name, such as "B Back". */
export function placeName(index: number, place: WallPlace): string {
  return `${wallLetter(index)} ${spoken[place]}`;
}
