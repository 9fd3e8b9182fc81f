/** Words of the instruments. */
export const devices = {
  title: "Instrument",
  none: "Tape and pencil",
  kinds: { laser: "Laser measure (simulated)", level: "Digital level (simulated)" },
  arm: "Tap a field to arm it, then take a reading.",
  armed: (field: string) => `Armed: ${field}`,
  waiting: "measuring…",
  nothing: "no return",
  take: "Take",
  again: "Take again",
  lost: "The instrument went quiet. What was taken is kept.",
  reconnect: "Listen again",
  spread: "Spread",
  disagree: "These cannot all be right: take again, and choose the one you trust.",
};
