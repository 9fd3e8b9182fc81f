import bandedBath from "../../../samples/banded-bath.dintel.json";
import cornerShower from "../../../samples/corner-shower.dintel.json";
import tubSurround from "../../../samples/tub-surround.dintel.json";
import walkInShower from "../../../samples/walk-in-shower.dintel.json";

/** The sample jobs that ship with the application, as project files. */
export const SAMPLES = [walkInShower, tubSurround, cornerShower, bandedBath];
