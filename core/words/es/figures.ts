import type { FigureCode, Term, TermCode } from "../../figure.ts";

/** Name and formula of every figure; the formula's terms follow in the figure's own order. */
export const FIGURES: Record<FigureCode, { name: string; formula: string; source: string }> = {
  fieldAreaM2: {
    name: "Área del campo",
    formula: "contorno − huecos − agujeros de accesorios",
    source: "Juntas de esquina, holguras y remates quedan fuera del contorno.",
  },
  tilesFull: {
    name: "Piezas enteras",
    formula: "piezas que pierden menos de 0.5 mm (1/64 pulg)",
    source: "Contadas del trazo.",
  },
  tilesCut: {
    name: "Piezas cortadas",
    formula: "piezas que topan con un borde, un hueco o un accesorio",
    source: "Un azulejo partido por un hueco da una pieza por parte.",
  },
  jointLengthM: {
    name: "Largo de juntas",
    formula: "suma de los largos enfrentados entre piezas vecinas",
    source: "Sin los cruces ni el perímetro.",
  },
  membraneAreaM2: {
    name: "Área de membrana, una mano",
    formula: "zona mojada − huecos + interiores de nichos y ventanas",
    source: "El reglamento local y la ficha de la membrana deciden hasta dónde llega la película.",
  },
  membraneL: {
    name: "Membrana líquida",
    formula: "(área × película × manos + cintas × ancho × película) × (1 + merma)",
    source: "Espesor y manos: manda la ficha técnica de la membrana.",
  },
  spacersToBuy: {
    name: "Separadores",
    formula: "separadores de la jornada con más × (1 + reserva)",
    source: "Se sacan y se vuelven a usar; costumbre del oficio.",
  },
  groutAdditiveL: {
    name: "Aditivo para lechada",
    formula: "lechada × agua por polvo",
    source: "En lugar del agua; mandan las fichas de la lechada y del aditivo.",
  },
  wedges: {
    name: "Cuñas",
    formula: "clips de la jornada con más",
    source: "Se sacan y se vuelven a usar; costumbre del oficio.",
  },
  sealerL: {
    name: "Impregnante",
    formula: "(caras + juntas solas × parte) × manos ÷ lo que cubre un litro",
    source:
      "Manda la ficha del impregnante. Ninguno sobre epoxi; las caras esmaltadas solo lo llevan en sus juntas.",
  },
  spacers: {
    name: "Separadores",
    formula:
      "largos enfrentados × separadores en cada uno: ninguno bajo 30 mm (1-3/16 pulg), 1 bajo 200 (8 pulg), si no 2; igual bajo la primera hilada",
    source:
      "Costumbre del oficio. Las mallas los llevan entre malla y malla; piezas con topes no llevan",
  },
  clips: {
    name: "Clips niveladores",
    formula:
      "largos enfrentados × clips en cada uno: ninguno bajo 100 mm (4 pulg), 1 bajo 200 (8 pulg), luego 1 + ⌈(e − 100) ÷ 300⌉ en mm",
    source: "Costumbre del oficio; sin reserva.",
  },
  mortarKg: {
    name: "Mortero adhesivo",
    formula:
      "(áreas × (su lecho + untado del reverso) + relleno) × rendimiento × (1 + merma); los interiores llevan el lecho del campo",
    source: "El lecho sale del diente de la llana; manda el rendimiento del saco.",
  },
  groutKg: {
    name: "Lechada",
    formula: "áreas de junta × su fondo × densidad × (1 + merma)",
    source:
      "Área real de junta, con los cruces; nichos y ventanas llevan la parte de junta del campo. Los cambios de plano quedan para el sellador, salvo otra elección.",
  },
  sealantM: {
    name: "Sellador elástico, juntas a la vista",
    formula: "base + tope + esquina interior izquierda + huecos + esquinas interiores de nichos",
    source: "A cada pared le toca la esquina de su lado izquierdo, para que la suma dé la obra.",
  },
  hiddenBeadM: {
    name: "Cordón oculto",
    formula: "borde de la tina o del plato + faldón en las piernas",
    source:
      "Detrás del azulejo, al ir colocando; la junta elástica que se ve viene después. Los dos.",
  },
  maskM: {
    name: "Cinta de enmascarar",
    formula: "base + techo + extremos libres + contornos de ventanas y obstáculos",
    source: "Cada borde una vez.",
  },
  boardBeadM: {
    name: "Cordón bajo la placa",
    formula: "la base bajo placa nueva",
    source: "Un tornillo para presentar la placa, tender el cordón, bajarla y fijarla.",
  },
  skimKg: {
    name: "Enrasado",
    formula: "placa desgarrada × espesor × rendimiento × (1 + merma)",
    source: "Dos milímetros sobre el desgarro, perdidos en el borde: costumbre del oficio.",
  },
  primerL: {
    name: "Imprimador",
    formula: "superficie brillante ÷ 10 m²/L",
    source: "Costumbre del oficio; manda la etiqueta.",
  },
  rollers: {
    name: "Fundas de rodillo",
    formula: "manos × (área de película ÷ 15 m² por funda, hacia arriba)",
    source: "Costumbre del oficio: una funda con nata arranca la película.",
  },
  brushes: {
    name: "Brochas",
    formula: "una por mano, y una para las cintas",
    source: "Costumbre del oficio.",
  },
  boardAreaM2: {
    name: "Placa",
    formula: "pared menos la separación en la base; los huecos se recortan de las placas",
    source: "Placas como se ponen en la etapa Placas.",
  },
  boardSheets: {
    name: "Placas",
    formula:
      "pedazos cortados de las menos placas que se hallaron, con sobrantes usados en otras paredes",
    source: "Donde placas y cota inferior coinciden, ningún plan lleva menos.",
  },
  seamM: {
    name: "Uniones de placa",
    formula: "suma de todas las uniones entre placas",
    source: "Como se ponen; sin los huecos.",
  },
  tapeM: {
    name: "Cinta de uniones",
    formula: "(uniones + esquina izquierda) × (1 + merma)",
    source: "Malla resistente al álcali en placa de cemento; decide el fabricante de la placa.",
  },
  seamMortarKg: {
    name: "Mortero de uniones",
    formula: "(uniones + esquina izquierda) × ancho × fondo × rendimiento × (1 + merma)",
    source: "El rendimiento del propio mortero.",
  },
  fasteners: {
    name: "Tornillos",
    formula: "en cada montante detrás de un pedazo y por sus bordes verticales, contados",
    source: "Ninguno en un hueco, ninguno bajo la altura libre sobre la base.",
  },
  seamSealantMl: {
    name: "Sellador de uniones",
    formula: "(uniones + esquina izquierda) × cordón + tornillos × toque",
    source: "Solo placa de espuma: manda la ficha del sistema.",
  },
  stripM: {
    name: "Cintas embebidas",
    formula: "esquina + base + uniones de placa + bordes de huecos",
    source:
      "12 bordes de un nicho, 8 de una ventana. A cada pared le toca la esquina de su lado izquierdo.",
  },
  rollM: {
    name: "Membrana en rollo",
    formula: "(tramos + forros de huecos) × (1 + merma)",
    source: "Vertical u horizontal, lo que lleve menos rollo.",
  },
  sheetRolls: {
    name: "Rollos de membrana",
    formula: "tramos cortados de los menos rollos que se hallaron",
    source: "Donde rollos y cota inferior coinciden, ningún plan lleva menos.",
  },
  bandM: {
    name: "Bandas",
    formula: "(esquina + base + bordes de huecos) × (1 + merma)",
    source: "Las uniones de placa quedan detrás de membrana entera.",
  },
  insideCorners: {
    name: "Esquinas interiores preformadas",
    formula: "4 por nicho + 1 donde dos paredes llegan a la base",
    source: "Costumbre del oficio; manda la ficha del sistema.",
  },
  outsideCorners: {
    name: "Esquinas exteriores preformadas",
    formula: "4 por nicho + 2 por frente",
    source: "Costumbre del oficio; manda la ficha del sistema.",
  },
  pipeSeals: {
    name: "Sellos de tubo",
    formula: "uno por tubo",
    source: "Tubos hasta 60 mm (2 3/8 pulg).",
  },
  valveSeals: {
    name: "Sellos de válvula",
    formula: "uno por válvula",
    source: "Más anchas que 60 mm (2 3/8 pulg).",
  },
  tilesToBuy: {
    name: "Piezas a comprar",
    formula: "⌈enteras × (1 + reserva) + piezas para cortes × (1 + reserva)⌉ + guarda",
    source: "Los sobrantes se usan: la etapa Cortar muestra qué pieza sale de qué azulejo.",
  },
  sheetsToBuy: {
    name: "Mallas a comprar",
    formula:
      "⌈(enteras × (1 + reserva) + teselas cortadas × (1 + reserva)) ÷ teselas por malla⌉ + guarda",
    source: "Las teselas que sobran de una malla cortada llenan los huecos siguientes.",
  },
  trimBars: {
    name: "Barras de remate",
    formula: "tramos, a sus puntas largas, cortados de las menos barras que se hallaron",
    source: "Donde barras y cota inferior coinciden, ningún plan lleva menos.",
  },
  bullnose: {
    name: "Piezas de canto redondo",
    formula: "suma por tramos de ⌈(tramo + junta) ÷ (pieza + junta)⌉",
    source: "Las piezas guardan su largo; una cortada cuenta entera.",
  },
  edgeTiles: {
    name: "Azulejos para piezas de borde",
    formula: "⌈piezas ÷ piezas por azulejo⌉",
    source:
      "Cada pieza guarda un canto de fábrica para matar o esmaltar: cuentan las tiras de dos cantos del azulejo.",
  },
};

/** Names of the terms of sums. */
export const TERMS: Record<TermCode, string> = {
  boundary: "Contorno",
  openings: "Nichos y ventanas",
  fixtureHoles: "Agujeros de accesorios",
  tilesFull: "Piezas enteras",
  tilesCut: "Piezas cortadas",
  tilesForCuts: "Azulejos para cortes, con sobrantes",
  tilesForLinings: "Azulejos para nichos y ventanas",
  chipsPerSheet: "Teselas por malla",
  trimLengths: "Remate, todos los tramos",
  edgeFace: "Cara a la vista",
  edgePieces: "Piezas de borde",
  edgePerTile: "Piezas por azulejo",
  edgeWaste: "Sobra de los azulejos",
  trimBar: "Barra",
  barBound: "No se puede con menos de",
  facing: "Largo enfrentado",
  wetRegion: "Zona mojada de la pared",
  openingsAndHoles: "Huecos y agujeros",
  nicheInterior: "Interior de nicho",
  windowReturns: "Mochetas de ventana",
  membraneAreaM2: "Área de membrana",
  "strip-corner": "Cinta: esquina interior",
  "strip-base": "Cinta: pared con base",
  "strip-seam": "Cinta: uniones de placa",
  "strip-nicheEdges": "Cinta: bordes de",
  "strip-windowEdges": "Cinta: bordes de",
  fastenerHeads: "Cabezas de tornillo",
  seams: "Uniones",
  levelSeam: "Unión horizontal",
  uprightSeam: "Unión vertical",
  boardPieces: "Pedazos de placa",
  sheetLong: "Placa, lado largo",
  sheetShort: "Placa, lado corto",
  sheetBound: "No se puede con menos de",
  fasteners: "Tornillos",
  fastenerSpacing: "Separación",
  fastenerEdge: "Desde los bordes",
  fastenerSpare: "Reserva",
  tapeWaste: "Merma",
  seamMortarWidth: "Ancho del mortero de unión",
  seamMortarDepth: "Fondo del mortero de unión",
  seamBeadMm2: "Sección del cordón",
  fastenerDabMl: "Toque por tornillo",
  "length-upright": "Tramo vertical",
  "length-across": "Tramo horizontal",
  lining: "Forro de",
  rollM: "Membrana en rollo",
  rollLengthM: "Largo del rollo",
  rollBound: "No se puede con menos de",
  sheetOverlap: "Traslape",
  sheetWaste: "Merma",
  perNiche: "Por nicho",
  wallsMeetBase: "Donde dos paredes llegan a la base",
  frontCorners: "En el frente",
  pipes: "Tubos",
  valves: "Válvulas",
  fieldAreaM2: "Área del campo",
  fieldOwnM2: "Campo, sin las zonas",
  interiorsM2: "Interiores de nichos y ventanas",
  zoneM2: "Área",
  jointM2: "Área de junta",
  interiorJointM2: "Área de junta de interiores",
  edgeJointM2: "Junta a su alrededor",
  facingZone: "Frente al campo",
  planeChangesM2: "Cambios de plano con lechada",
  notchWidth: "Diente de la llana, ancho",
  notchDepth: "Diente de la llana, fondo",
  notchSquare: "Lecho tras asentar, diente cuadrado",
  notchV: "Lecho tras asentar, diente en V",
  areaPerBag: "Un saco cubre, según dice",
  mortarBagKg: "Saco de mortero",
  backButter: "Untado del reverso",
  packing: "Relleno detrás de zonas",
  base: "Base",
  top: "Tope",
  tornM2: "Placa desgarrada",
  shinyM2: "Superficie brillante",
  skimDepth: "Espesor del enrasado",
  primerRate: "Un litro imprima",
  tubRim: "A lo largo del borde",
  apronEdges: "Bajando el faldón",
  ceilingEdge: "A lo largo del techo",
  openEnds: "Extremos libres",
  leftCorner: "Esquina interior izquierda",
  openingRing: "Alrededor de",
  shelfEdges: "A lo largo de",
  linerEdges: "Alrededor del listón de",
  nicheInsideCorners: "Esquinas interiores de",
  tileAreaM2: "Una pieza",
  job: "Todas las paredes",
  wallOf: "Pared",
  clipsEach: "Clips",
  sealedFaces: "Caras y juntas",
  sealedJoints: "Juntas solas, de un área de",
  jointsTake: "Las juntas llevan de ella",
  sealerCoats: "Manos",
  sealerRate: "Un litro cubre",
  groutWater: "Agua por polvo",
  biggestSession: "La jornada con más",
  spacerSpare: "Reserva",
  spacersEach: "Separadores",
  spacersUnder: "Separadores bajo la primera hilada",
  coatWft: "Película húmeda por mano",
  coats: "Manos",
  stripWidth: "Ancho de cinta",
  membraneWaste: "Merma",
  mortarRate: "Rendimiento en polvo",
  mortarWaste: "Merma",
  groutDepth: "Fondo",
  groutDensity: "Densidad",
  groutWaste: "Merma",
  fullSpare: "Reserva sobre piezas enteras",
  cutSpare: "Reserva sobre piezas cortadas",
  atticStock: "Guarda para reparaciones",
  keptSpare: "Piezas enteras guardadas, pues no se consigue más",
  clipSpare: "Reserva",
  sealantBeadMm2: "Sección del cordón",
  sealantWaste: "Merma",
};

/** A term by its name, what it belongs to and how many come from each: "3 clips en cada uno". */
export function termName({ code, of, each }: Term): string {
  const name = TERMS[code];
  if (each !== undefined) {
    const [one, many] = code === "clipsEach" ? ["clip", "clips"] : ["separador", "separadores"];
    const place = code === "spacersUnder" ? "bajo cada una, en la base" : "en cada uno";
    return `${each} ${each === 1 ? one : many} ${place}`;
  }
  return of === undefined ? name : `${name}: ${of}`;
}
