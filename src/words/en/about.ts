/** Words of the page about the application, and of the one that is not there. */
export const about = {
  title: "About Dintel",
  what: "Dintel plans shower and tub surround walls: from the tape's readings to cuts, film, mortar and grout. Jobs are kept in this browser and in files that you export; nothing is sent anywhere.",
  cautionsTitle: "Before you rely on it",
  cautions: [
    "It works from what you measured. Check the first courses and every cut that matters at the wall before you cut the rest.",
    "Local code, product data sheets and the maker's listing of a wall system come first. Where they differ from a figure here, they are right.",
    "Plumbing, wiring, structure and anything behind an old wall belong to people who are licensed for it. Turn water and power off before a wall is opened.",
    "Old plaster, board, paint and mortar can hold asbestos or lead: have them tested before you cut or break them.",
    "Cutting tile and mixing powder makes silica dust. Cut wet or with a vacuum, wear a mask that fits, eyes and ears covered; a blade in use has a guard.",
    "Mortar, grout and membrane burn skin and eyes: gloves, glasses, clean water at hand.",
  ],
  licencesTitle: "Made with",
  licencesText: "Libraries that are part of it, each under its own licence, and a typeface.",
  version: "version",
  lost: "There is nothing at this address",
  lostText: "It may have been mistyped. Your jobs are where they were.",
};
