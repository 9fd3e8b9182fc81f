import { fixed } from "../../length/numbers.ts";
import type { BoardWarningCode } from "../../warning.ts";
import type { SayOf } from "../say.ts";

/** A film in mm to two decimals: fractions of an inch say nothing about it. */
const film = (mm: number) => `${fixed(mm, 2)} mm`;

/** What Board and Waterproof warn of. */
export const BOARD_WARNINGS: SayOf<BoardWarningCode> = {
  "board-piece-too-large": () => ({
    message: "Un pedazo de placa es más grande que una placa entera.",
    remedy:
      "Lea los montantes: las uniones necesitan uno dentro del largo de la placa, o tome una placa más grande.",
  }),
  "drywall-in-wet": () => ({
    message: "Placa de yeso común en la zona mojada: detrás del azulejo se deshace.",
    remedy: "Elija placa de cemento o de espuma para cada pared que se moje.",
  }),
  "system-least-conservative": () => ({
    message: "Solo se sellan uniones y tornillos: el menos cuidadoso de los sistemas.",
    remedy:
      "Se recomienda una sola película sobre toda la zona mojada, cuyo espesor se pueda leer.",
  }),
  "seams-only-needs-durable-board": () => ({
    message: "Sellar solo uniones y tornillos pide una placa que el agua no dañe.",
    remedy: "Elija placa de cemento o de espuma, o ponga una película sobre todo.",
  }),
  "foam-system-other-board": () => ({
    message: "El sistema elegido es placa de espuma sellada, pero la placa es otra.",
    remedy: "Elija placa de espuma, o el sistema con película.",
  }),
  "sheet-mortar-class": () => ({
    message:
      "El azulejo sobre membrana en rollo lleva la clase de mortero que nombra la ficha de la membrana.",
    remedy: "Pregunte por ella: puede ser un mortero sin modificar. No hay una de costumbre.",
  }),
  "mastic-in-wet": () => ({
    message:
      "El adhesivo listo para usar se ablanda en zona mojada, y no seca bajo piezas grandes, vidrio o película.",
    remedy:
      "Use mortero de cemento. Una escuela admite un tipo cuya etiqueta lo permita, solo donde salpica.",
  }),
  "board-thin": (v, l) => ({
    message: `La placa de ${l(v.thickness)} no llega a los ${l(v.limit)} para los que está aprobada sobre montantes.`,
    remedy: "Tome el espesor aprobado, o pregunte al fabricante de la placa.",
  }),
  "studs-too-far": (v, l, { wall }) => ({
    message: `${wall}: los montantes están a ${l(v.distance)}; la placa está aprobada para ${l(v.limit)} como máximo.`,
    remedy: "Pare. Agregue montantes o refuerzos antes de poner placa.",
  }),
  "seam-near-opening": (v, l, { wall }) => ({
    message: `${wall}: en ${v.count} ${v.count === 1 ? "esquina" : "esquinas"} de un hueco una unión de placas queda a menos de ${l(v.clear)}.`,
    remedy: "Ponga las placas en el otro sentido, o corte una en L alrededor de la esquina.",
  }),
  "opening-cuts-stud": (v, l, { wall, item }) => ({
    message: `${item} en ${wall} pide un hueco en bruto de ${l(v.rough)} y topa con ${v.count === 1 ? "un montante" : `${v.count} montantes`}${v.assumed ? " donde suele haberlos (no se leyó ninguno)" : ""}.`,
    remedy: v.fits
      ? `Muévalo ${l(v.move)} a la ${v.right ? "derecha" : "izquierda"}, dentro del claro, o arme un cabezal. Pared de carga o exterior: una persona calificada.`
      : `Ningún claro alcanza${v.widest > 0 ? `: aquí como máximo ${l(v.widest)} terminado` : ""}. Arme un cabezal, o hágalo más angosto. Pared de carga o exterior: una persona calificada.`,
  }),
  "socket-needs-extension": (v, l, { wall, item }) => ({
    message: `${item} en ${wall}: su caja queda ${l(v.depth)} detrás de la cara del azulejo.`,
    remedy:
      "Corte la corriente. Tornillos más largos, o una extensión de la caja por una persona con licencia; el azulejo pasa bajo la tapa.",
  }),
  "work-round": (v, l, { wall, item }) => ({
    message: `${item} en ${wall}: el azulejo lo rodea.`,
    remedy: `O quite lo que esté a menos de ${l(v.depth)} de la pared: es lo mínimo para que azulejo y junta pasen por detrás.`,
  }),
  "plate-leaves-gap": (v, l, { wall, item }) => ({
    message: `${item} en ${wall}: la tapa cubre el corte solo ${l(v.bears)}; pide ${l(v.limit)} en todo el contorno.`,
    remedy: "Corte el hueco más chico, lo que pida la caja, o tome una tapa más grande.",
  }),
  "flange-proud": (v, l) => ({
    message: `La pestaña sobresale ${l(v.proud)} de los montantes: la placa encima se abombaría.`,
    remedy: v.decided
      ? v.fur
        ? `Los montantes se suplementan ${l(v.proud)}; las capas y las medidas lo siguen.`
        : "La placa queda arriba de la pestaña; la película baja sobre ella."
      : "Suplemente los montantes otro tanto, o deje la placa arriba de la pestaña: dígalo en Medir.",
  }),
  "niche-too-deep": (v, l, { wall, item }) => ({
    message: `${item} en ${wall} debe tener ${l(v.depth)} de fondo; el claro deja ${l(v.there)}.`,
    remedy: "Hágalo menos hondo, tome capas más delgadas en su fondo, o suplemente la pared.",
  }),
  "valve-depth": (v, l, { wall, item }) => ({
    message: `${item} en ${wall}: del montante a la cara del azulejo hay ${l(v.there)}, fuera de sus ${l(v.least)} a ${l(v.most)}.`,
    remedy: "Haga mover la válvula antes de poner placa, o cambie una capa.",
  }),
  "blocking-outside": (_v, _l, { wall, item }) => ({
    message: `${item} no está detrás de ${wall}.`,
    remedy: "Revise desde dónde se leyó.",
  }),
  "film-thin": (v, _l, { wall }) => ({
    message: `${wall}: lo que se usó da ${film(v.average)} de película húmeda en promedio; se piden ${film(v.target)}.`,
    remedy: `Ponga otros ${fixed(v.addL, 2)} L, y lea otra vez el peine.`,
  }),
  "film-thin-place": (v, _l, { wall }) => ({
    message: `${wall}, mano ${v.coat}: ${v.thin} ${v.thin === 1 ? "lectura del peine queda delgada" : "lecturas del peine quedan delgadas"}, la menor ${film(v.least)} de ${film(v.target)}.`,
    remedy: "Repase esos lugares antes de la mano siguiente, y léalos otra vez.",
  }),
  "film-above-tile": (v, l, { wall }) => ({
    message: `${wall}: la película sube ${l(v.above)} más que el azulejo, hasta el tope de la zona mojada.`,
    remedy:
      "El reglamento local y la ficha del sistema deciden hasta dónde. Termine esa franja como dice la ficha técnica.",
  }),
  "holes-open": (v) => ({
    message: `${v.count} ${v.count === 1 ? "agujero" : "agujeros"} en la película ${v.count === 1 ? "sigue abierto" : "siguen abiertos"}.`,
    remedy: "Parche cada uno con cinta y dos manos antes de que el azulejo lo tape.",
  }),
};
