import { fixed } from "../../length/numbers.ts";
import type { ValuesOf, WarningCode } from "../../warning.ts";
import type { SayOf, WarningNames, WarningWords } from "../say.ts";
import { BOARD_WARNINGS } from "./board-warnings.ts";
import { area, SURVEY_WARNINGS } from "./survey-warnings.ts";

/** What every warning says in Spanish. */
export const WARNINGS: SayOf<WarningCode> = {
  ...BOARD_WARNINGS,
  ...SURVEY_WARNINGS,
  "no-field": (_v, _l, { wall }) => ({
    message: `${wall} no tiene lugar para azulejo entre su base, su tope y sus esquinas.`,
    remedy: "Revise las medidas a la base y al tope, y el ancho.",
  }),
  "too-many-tiles": (_v, _l, { wall }) => ({
    message: `${wall} llevaría más piezas de las que caben en una pared.`,
    remedy: "Revise la medida del azulejo y el ancho y alto de la pared.",
  }),
  "trim-drifts": (v, l, { wall }) => ({
    message: `${wall}: las juntas del canto redondo se corren ${l(v.drift)} de las hiladas al final del tramo.`,
    remedy:
      "Tome un perfil, corte cada pieza a las hiladas, o elija una junta con la que coincidan.",
  }),
  "edge-piece-too-long": (v, l) => ({
    message: `Del azulejo del campo no sale una pieza de borde con cara de ${l(v.face)} a este largo.`,
    remedy: "Haga las piezas más cortas, o compre perfil o canto redondo.",
  }),
  "sheets-interlock": (v, _l, { wall, item }) => ({
    message: `${wall}${item && `, ${item}`}: las mallas se traban; un arranque recto quita ${v.chips} ${v.chips === 1 ? "tesela" : "teselas"} de ${v.sheets} ${v.sheets === 1 ? "malla" : "mallas"} a lo largo de la base y del primer lado.`,
    remedy: "Recórtelas antes de mezclar, y guarde las teselas para los huecos junto a tubos.",
  }),
  "adhesive-unsuited": (v, l, { wall, item }) => ({
    message: v.glass
      ? `${wall}: el adhesivo listo para usar no seca bajo vidrio (${item}).`
      : `${wall}: el adhesivo listo para usar no seca bajo piezas de ${l(v.side)} (${item}); ${l(v.limit)} ya es demasiado.`,
    remedy: "Tome mortero de cemento: fragua sin aire.",
  }),
  "tile-too-heavy": (v, _l, { item }) => ({
    message: `${item} con su mortero y lechada pesa ${Math.round(v.mass)} kg/m² (${fixed(v.mass * 0.204816, 1)} lb/pie²); ${v.plaster ? "el yeso" : "la placa de yeso"} aguanta ${v.limit} kg/m².`,
    remedy: "Ponga placa de cemento en estas paredes, o un azulejo más ligero.",
  }),
  "accent-stands-proud": (v, l, { item }) => ({
    message: `${item}: su pieza y su lecho son más gruesos que los del campo; sobresale ${l(v.proud)}.`,
    remedy:
      "Tome una pieza más delgada o un diente más chico, suplemente el campo detrás, o haga que acepten el resalte.",
  }),
  "mortar-unsuited": (v, _l, { item }) => ({
    message: v.glass
      ? `El mortero que hay no sostiene vidrio (${item}).`
      : `El mortero que hay no sostiene ${item}: porcelanato sobre película pide uno modificado.`,
    remedy: v.glass
      ? "Tome uno de alto polímero, clase A118.15."
      : "Tome uno de clase A118.4 o A118.15.",
  }),
  "mortar-shows": (v, _l, { item }) => ({
    message: v.glass
      ? `El mortero gris se ve a través del vidrio (${item}).`
      : `El mortero gris se nota junto a lechada clara o a través de piedra clara (${item}).`,
    remedy: "Tome mortero blanco, y deje las juntas limpias a dos tercios de su fondo.",
  }),
  "rows-hang": (v) => ({
    message: `${v.rows} ${v.rows === 1 ? "fila cuelga" : "filas cuelgan"} bajo el arranque; ${v.safe} ${v.safe === 1 ? "es segura" : "son seguras"} en una jornada.`,
    remedy: `Sujete cada fila con cinta a la de arriba y repártalas en ${v.sessions} ${v.sessions === 1 ? "jornada" : "jornadas"}, o empiece más abajo.`,
  }),
  "grout-unsuited": (v, l) => ({
    message: v.scratches
      ? "La lechada con arena raya el vidrio y la piedra pulida."
      : v.wide
        ? `Una junta de ${l(v.joint)} es demasiado ancha para lechada sin arena: se encoge y se agrieta.`
        : `Una junta de ${l(v.joint)} es demasiado angosta para lechada con arena: no entra.`,
    remedy:
      v.scratches || v.wide ? "Tome una lechada fina universal." : "Tome una lechada sin arena.",
  }),
  "grout-sets-fast": (v) => ({
    message: `La lechada rápida deja unos ${v.minutes} min para tender y lavar por primera vez.`,
    remedy: `Mezcle para no más de ${area(v.areaM2)} a la vez, uno tendiendo y otro lavando; o tome una corriente. Manda su ficha técnica.`,
  }),
  "spare-not-kept": (v, _l, { item }) => ({
    message: `${item} ya no se consigue, y no se guarda nada aparte de la reserva usual.`,
    remedy: `Guarde ${v.keep} enteras: una se rompe al colocar, otra años después. El pedido las cuenta.`,
  }),
  "stock-short": (v, _l, { item }) => ({
    message: `${item}: se piden ${v.need} con reserva y hay ${v.onHand}: faltan ${v.short}.`,
    remedy: v.never
      ? "Ya no se consigue: haga el nicho o la franja más chicos antes de armar el hueco, o elija otro azulejo."
      : v.leadDays >= 0
        ? `Conseguir más tarda ${v.leadDays} ${v.leadDays === 1 ? "día" : "días"}: pídalo antes de armar un hueco para él.`
        : "Pregunte si hay más, y para cuándo, antes de armar un hueco para él.",
  }),
  "zone-too-small": (_v, _l, { wall, item }) => ({
    message: `${wall}: ${item} no tiene lugar para su azulejo entre las juntas.`,
    remedy: "Hágala más alta o más ancha, o tome un marco más chico.",
  }),
  "zone-leaves-field": (_v, _l, { wall, item }) => ({
    message: `${wall}: ${item} se sale del campo.`,
    remedy: "Mueva el panel, o hágalo más chico.",
  }),
  "zones-overlap": (_v, _l, { wall, item }) => ({
    message: `${wall}: ${item} se encima con otra zona.`,
    remedy: "Mueva una de las dos, o hágala más baja.",
  }),
  "opening-leaves-wall": (_v, _l, { wall, item }) => ({
    message: `${item} pasa del campo de ${wall}; se planea como cortado ahí.`,
    remedy: "Revise su medida y desde dónde se leyó.",
  }),
  "corner-not-followed": (_v, _l, { wall }) => ({
    message: `${wall} debía seguir a la vuelta de una esquina, pero nada llega a ella; una pieza queda en su línea central.`,
    remedy: "Elija su centro, o la esquina por la que da vuelta su aparejo.",
  }),
  "shelf-no-corner": (_v, _l, { item }) => ({
    message: `${item} no está en una esquina interior; se deja fuera.`,
    remedy: "Elija la esquina en que va.",
  }),
  "shelf-off-joint": (v, l, { item }) => ({
    message: `${item} entra a media hilada: también se corta la pieza de abajo.`,
    remedy: `Muévala ${l(Math.abs(v.move))} hacia ${v.move > 0 ? "arriba" : "abajo"}, y descansa en una hilada.`,
  }),
  "shelf-without-blocking": (_v, _l, { item }) => ({
    message: `${item} cuelga del azulejo, y no hay refuerzo anotado detrás.`,
    remedy: "Anote un refuerzo a su altura en Placas, o empótrela en el azulejo.",
  }),
  "openings-overlap": (_v, _l, { wall, item }) => ({
    message: `${item} se encima con otro hueco en ${wall}; se planean como uno.`,
    remedy: "Revise medidas y lugares de los dos.",
  }),
  "fixture-not-clear": (_v, _l, { wall, item }) => ({
    message: `El agujero para ${item} topa con un borde, un hueco u otro agujero en ${wall}.`,
    remedy: "Revise desde dónde se leyó su centro, y el diámetro de su tubo.",
  }),
  "fixture-outside": (_v, _l, { wall, item }) => ({
    message: `${item} no está en el campo de ${wall}; no se corta agujero para él.`,
    remedy: "Revise desde dónde se leyó su centro, o quítelo de la pared.",
  }),
  "plate-too-small": (v, l, { item }) => ({
    message: `El agujero para ${item}, ${l(v.hole)}, es demasiado ancho para su chapetón de ${l(v.plate)}.`,
    remedy: `El chapetón debe apoyar ${l(v.bearing)} en azulejo por todo el contorno: uno más grande o un agujero más justo.`,
  }),
  "hole-near-edge": (v, l, { wall }) => ({
    message: `${wall}, corte ${v.number}${andMore(v)}: solo ${l(v.size)} de azulejo entre agujero y borde.`,
    remedy: "Mueva el trazo para que el agujero quede dentro de una pieza, o sobre una junta.",
  }),
  "weak-tongue": (v, l, { wall }) => ({
    message: `${wall}, corte ${v.number}${andMore(v)}: una lengüeta de ${l(v.size)} se va a romper.`,
    remedy: "Mueva el trazo o el hueco, o hágala de dos piezas; corte la lengüeta al final.",
  }),
  "thin-strip": (v, l, { wall }) => ({
    message: `${wall}, corte ${v.number}${andMore(v)}: una tira de ${l(v.size)} se va a romper.`,
    remedy: "Mueva el trazo para que la tira crezca, o absórbala en las juntas.",
  }),
  "strip-below-saw": (v, l, { wall }) => ({
    message: `${wall}, corte ${v.number}${andMore(v)}: la sierra que hay no sujeta una tira de ${l(v.size)}.`,
    remedy: `Mueva el trazo ${l(v.by)} para que crezca, o deje que Comparar busque cortes más grandes.`,
  }),
  "cut-beyond-tools": (v, l, { wall }) => ({
    message: `${wall}, corte ${v.number}${andMore(v)}: un corte de ${l(v.size)} es más largo de lo que alcanzan las herramientas.`,
    remedy: `Traiga una sierra que alcance ${l(v.by)} más, o mueva el trazo para que esta fila no lleve corte a lo largo.`,
  }),
  "no-hole-saw": (v, l, { wall }) => ({
    message: `${wall}, corte ${v.number}${andMore(v)}: un agujero de ${l(v.size)} y no hay broca de corona.`,
    remedy: `Mueva el trazo ${l(v.by)} y su centro cae en una junta: dos muescas con tenaza.`,
  }),
  "marks-disagree": (v, l, { wall, item }) => ({
    message: `${wall}, corte ${v.number}: las marcas tomadas en la pared no concuerdan por ${l(v.by)}, ${item}.`,
    remedy: "Léalas otra vez antes de cortar el agujero: una de las medidas no puede ser cierta.",
  }),
  sliver: sliverWords,
  "tile-larger-than-wall": (_v, _l, { wall }) => ({
    message: `El azulejo es más grande que el campo de ${wall}.`,
    remedy: "Revise la medida del azulejo; la pared se planea solo con cortes.",
  }),
  "wall-narrower-than-tile": (_v, _l, { wall }) => ({
    message: `${wall} es más angosta que una pieza.`,
    remedy: "Gire el azulejo, o acepte que cada pieza va cortada.",
  }),
  "joint-zero": (v, l) => ({
    message: "La junta es 0: las piezas se tocarían y no hay nada que rejuntar.",
    remedy: `Deje al menos ${l(v.limit)}.`,
  }),
  "joint-too-narrow": (v, l) => ({
    message: `Una junta de ${l(v.joint)} es más angosta que ${l(v.limit)}.`,
    remedy: "Ensanche la junta: las piezas varían de medida, y la lechada debe entrar.",
  }),
  "leg-short": (v, l, { wall }) => ({
    message: `${wall}: el azulejo pasa ${l(v.width)} del frente de la tina.`,
    remedy: `Lo usual es de ${l(v.limit)} a ${l(v.usual)}, para que lo que salpica caiga en azulejo.`,
  }),
  "joint-below-spread": (v, l) => ({
    message: `Las piezas medidas varían ${l(v.spread)}: una junta de ${l(v.joint)} no lo absorbe.`,
    remedy: `Tome ${l(v.limit)} al menos, tres veces la variación, o separe las piezas por medida.`,
  }),
  "offset-joint-too-narrow": (v, l) => ({
    message: `Piezas traslapadas de ${l(v.side)} piden una junta de ${l(v.limit)} al menos.`,
    remedy:
      "Ensanche la junta, o póngalas a junta corrida: las piezas largas se arquean, y el traslape lo muestra.",
  }),
  "offset-too-large": (v, l) => ({
    message: `Piezas de ${l(v.side)} deben traslaparse un tercio como máximo.`,
    remedy: "Elija un tercio, salvo que el fabricante apruebe más por escrito.",
  }),
  "thin-bed": (v, l, { item }) => ({
    message: `El lecho de ${item} queda en ${l(v.bed)}, menos de ${l(v.limit)}.`,
    remedy: "Sostenga la llana más vertical, o tome el diente siguiente.",
  }),
};

function andMore({ count }: { count: number }): string {
  const others = count - 1;
  return others > 0 ? ` y ${others} más` : "";
}

function sliverWords(
  v: ValuesOf<"sliver">,
  l: (mm: number) => string,
  { wall, item }: WarningNames,
): WarningWords {
  const pieces = v.count === 1 ? "una tira angosta" : `${v.count} tiras angostas, la menor`;
  return {
    message: `${wall}, ${item}: ${pieces} de ${l(v.size)}, menos del límite de ${l(v.limit)}.`,
    remedy: "Mueva el trazo, cambie dónde se centra, o cambie la primera hilada.",
  };
}

/** Where on a wall or a piece something is, when nothing there has a name. */
export const SIDES: Record<string, string> = {
  left: "lado izquierdo",
  right: "lado derecho",
  top: "arriba",
  bottom: "abajo",
  opening: "junto a un hueco",
  width: "izquierda, agujero y derecha contra el ancho de la pieza",
  height: "abajo, agujero y arriba contra el alto de la pieza",
  round: "el agujero a lo ancho contra a lo alto",
};
