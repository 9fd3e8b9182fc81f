import type { devices as english } from "../en/devices.ts";

/** Words of the instruments. */
export const devices: typeof english = {
  title: "Instrumento",
  none: "Cinta y lápiz",
  kinds: { laser: "Medidor láser (simulado)", level: "Nivel digital (simulado)" },
  arm: "Toque un campo para armarlo y tome una lectura.",
  armed: (field) => `Armado: ${field}`,
  waiting: "midiendo…",
  nothing: "sin retorno",
  take: "Tomar",
  again: "Tomar otra vez",
  lost: "El instrumento calló. Lo que se tomó se conserva.",
  reconnect: "Escuchar otra vez",
  spread: "Variación",
  disagree: "No pueden ser ciertas todas: tome otra vez, y elija la que le dé confianza.",
};
