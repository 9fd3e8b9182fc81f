/** Words of what is opened over the drawing: keys, the palette, leaving, being told of a wait. */
export const over = {
  shortcuts: {
    title: "Keyboard",
    rows: [
      ["1 – 8", "Measure, Board, Waterproof, Set out, Cut, Set, Grout, Hand over"],
      ["n, o, d, g, e, p, r and w", "Now, Order, Days, Log, Options, Pole, Record, Documents"],
      ["[ and ]", "Previous and next wall"],
      ["f", "One wall large, or all walls"],
      ["t", "The tally of all walls, or one line"],
      ["v", "Fold the walls up into the room, or unfold them"],
      ["Tab, then arrows", "Into the drawing, the tally or a list, and through it"],
      ["Page Up, Page Down", "The same where the arrows nudge"],
      ["Arrow keys", "Nudge the pattern of the wall by one mark (on the drawing)"],
      ["Shift + arrow", "Nudge by ten marks"],
      ["c and j", "Tile or joint on the centre"],
      ["l", "Compare layouts"],
      ["Ctrl + Z, Ctrl + Shift + Z", "Undo, redo"],
      ["u", "Inches or millimetres"],
      ["x", "Export the job"],
      ["Ctrl + P", "Print the stage or page that is shown"],
      ["Ctrl + K", "Find a command, wall, cut, reading, figure or job"],
      ["?", "This list"],
    ] as [string, string][],
    letters: "Keys of one letter or digit",
    lettersHint:
      "Turn them off where speech or a helper's keys set them off. Ctrl + K finds all they do.",
  },
  palette: {
    placeholder: "A command, wall, cut, reading, figure or job",
    nothing: "Nothing of that name. Try a wall's letter, a cut's number or a part of a command.",
    add: (what: string) => `Add: ${what}`,
    more: (count: number) => `${count} more: type on`,
    groups: {
      commands: "Commands",
      walls: "Walls",
      cuts: "Cuts",
      openings: "Openings and fixtures",
      readings: "Readings",
      figures: "Figures",
      jobs: "Jobs",
    },
  },
  leave: {
    title: "Not everything is stored",
    text: "The last changes of this job are not on this device yet. They stay in this tab until it is closed. Save the job as a file, or stay and try again.",
    go: "Leave all the same",
    stay: "Stay here",
  },
  remind: {
    tellMe: "Tell me when it is over",
    toldAt: (time: string) =>
      `You will be told at ${time}. While this is open the screen stays on.`,
    doNotTell: "Do not",
    notAllowed: "This browser does not allow it. The wait is told here and survives a reload.",
  },
};
