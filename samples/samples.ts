import bandOverSurround from "./band-over-surround.dintel.json";
import bandedBath from "./banded-bath.dintel.json";
import cornerShower from "./corner-shower.dintel.json";
import counterWall from "./counter-wall.dintel.json";
import tubSurround from "./tub-surround.dintel.json";
import tubUnderCupboards from "./tub-under-cupboards.dintel.json";
import walkInShower from "./walk-in-shower.dintel.json";

/** The sample jobs that ship with the application, as project files. */
export const SAMPLES = [
  walkInShower,
  tubSurround,
  cornerShower,
  bandedBath,
  counterWall,
  bandOverSurround,
  tubUnderCupboards,
];
