/** Words of the documents that leave the application, in English. */
export const english = {
  waits: (hours: number) => `Then ${hours} h of waiting before what follows.`,
  given: (day: string) => `Given on ${day}.`,
  datePromise: "A date is no promise: data sheets, weather and local code decide.",
};
