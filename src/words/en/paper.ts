/** Words of what is printed. */
export const paper = {
  given: (when: string) => `Printed ${when}`,
  figures: "Figures of this wall",
  watch: "To watch",
  readings: "Readings",
  reading: "Reading",
  size: "Size",
  amount: "Amount",
  piece: "Piece",
  coat: "Coat",
  begun: "Put on",
  dryListed: "Dry film, as listed",
  by: "By",
  check: "Check before tile",
  checked: "Done",
  belowLevel: "below the level line",
  caution:
    "Worked out from what was read and typed. Local code, the products' data sheets and licensed people come before any figure here. Measure again before you cut.",
};
