import type { about as english } from "../en/about.ts";

/** Words of the page about the application, and of the one that is not there. */
export const about: typeof english = {
  title: "Acerca de Dintel",
  what: "Dintel planea paredes de ducha y de tina: de las medidas de la cinta a los cortes, la película, el mortero y la lechada. Las obras se guardan en este navegador y en los archivos que usted exporte; nada se envía a ningún lado.",
  cautionsTitle: "Antes de confiar en él",
  cautions: [
    "Trabaja con lo que usted midió. Revise en la pared las primeras hiladas y cada corte que importe antes de cortar lo demás.",
    "Primero van el reglamento local, las fichas técnicas y la aprobación del sistema de pared. Donde no coincidan con una cifra de aquí, ellos tienen razón.",
    "Plomería, electricidad, estructura y lo que haya detrás de una pared vieja son de quien tiene licencia. Cierre el agua y corte la corriente antes de abrir una pared.",
    "Yeso, placa, pintura y mortero viejos pueden tener asbesto o plomo: hágalos analizar antes de cortarlos o romperlos.",
    "Cortar azulejo y mezclar polvo levanta sílice. Corte con agua o con aspiradora, con mascarilla que ajuste y ojos y oídos cubiertos; el disco en marcha lleva guarda.",
    "Mortero, lechada y membrana queman piel y ojos: guantes, lentes y agua limpia a la mano.",
  ],
  licencesTitle: "Hecho con",
  licencesText: "Bibliotecas que son parte de él, cada una con su licencia, y un tipo de letra.",
  version: "versión",
  lost: "No hay nada en esta dirección",
  lostText: "Quizá se escribió mal. Sus obras están donde estaban.",
};
