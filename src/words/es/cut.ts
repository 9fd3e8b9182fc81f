import { counted } from "../counted.ts";
import type { cut as english } from "../en/cut.ts";

/** Words of the Cut stage. */
export const cut: typeof english = {
  title: (wall) => `Cortar · ${wall}`,
  list: "Lista de cortes",
  number: "N.º",
  kind: "Corte",
  size: "Ancho × alto",
  columns: {
    wall: "pared",
    number: "número",
    course: "hilada",
    column: "columna",
    cut: "corte",
    width: "ancho",
    height: "alto",
    dimensions: "medidas",
    fence: "guía a",
    done: "marcado",
    widthMm: "ancho mm",
    heightMm: "alto mm",
  },
  kinds: {
    none: "entera",
    straight: "recto",
    L: "en L",
    U: "en U",
    notch: "muesca",
    hole: "agujero",
    taper: "ahusado",
    diagonal: "en diagonal",
    complex: "compuesto",
  },
  csv: "Guardar como CSV",
  table: {
    load: "Marcas de CSV",
    hint: "Una lista guardada aquí, con algo en su última columna junto a lo cortado.",
    found: (count) => `${counted(count, "corte se puede", "cortes se pueden")} marcar.`,
    unknown: (lines) => `Ningún corte de esta obra en la línea ${lines}: queda fuera.`,
  },
  pick: "Elija una pieza en el dibujo o en la lista para ver sus medidas.",
  dimensions: "Desde sus cantos de fábrica",
  next: "Corte siguiente",
  previous: "Corte anterior",
  nothing: "Sin cortes en esta pared.",
  caution:
    "Corte con agua, o con extracción y respirador: polvo de sílice. Ojos y oídos; guantes con el vidrio. Sierra en contacto con GFCI/RCD y cable con gota; agujeros en la pared con taladro de batería, con agua. Dos personas para piezas grandes.",
  dims: {
    width: "Ancho",
    height: "Alto",
    "left-height": "Alto, extremo izquierdo",
    "right-height": "Alto, extremo derecho",
    "bottom-width": "Ancho, abajo",
    "top-width": "Ancho, arriba",
    "bend-x": "Quiebre, desde la izquierda",
    "bend-height": "Alto en el quiebre",
    "bend-y": "Quiebre, desde abajo",
    "bend-width": "Ancho en el quiebre",
    "corner-x": "Esquina, desde la izquierda de la pieza",
    "corner-y": "Misma esquina, desde abajo",
    "bite-width": "Recorte, ancho",
    "bite-height": "Recorte, alto",
    "bite-x": "Recorte, desde la izquierda",
    "bite-y": "Recorte, desde abajo",
    "hole-x": "Centro del agujero, desde la izquierda",
    "hole-x-right": "Centro del agujero, desde la derecha",
    "hole-y": "Centro del agujero, desde abajo",
    "hole-y-top": "Centro del agujero, desde arriba",
    "hole-diameter": "Agujero",
    "leg-width": "Brazo, a lo ancho",
    "leg-height": "Brazo, a lo alto",
  },
  ticket: "Ficha",
  tickets: "Cortar con fichas",
  nextTicket: "Ficha siguiente",
  previousTicket: "Ficha anterior",
  back: "Atrás",
  on: "Seguir",
  done: "Cortada",
  progress: (done, all) => `${done} de ${all} cortadas`,
  trim: {
    title: "Remate por cortar",
    whole: (count) => (count > 0 ? `${count} enteras, la última` : "Una, cortada a"),
    mitres: (ends) => (ends > 1 ? "a inglete en los dos extremos" : "a inglete en un extremo"),
    short: "puntas cortas",
  },
  fence: {
    title: "Guía, todas las paredes",
    list: "Posiciones de la guía",
    instead: (settings, exact) =>
      exact > settings
        ? `${counted(settings, "posición", "posiciones")} de la guía en vez de ${exact}.`
        : `${counted(settings, "posición", "posiciones")} de la guía.`,
    each: (exact) =>
      `${counted(exact, "posición", "posiciones")} de la guía: cada medida como se planeó.`,
    proven:
      "Con menos no sale cada corte: los bordes que se esconden en la base, una esquina o arriba pueden variar el juego de esa junta.",
    exactly: "Cortar cada medida exacta",
    planned: "planeado",
    playTitle: "Juego de juntas ocultas",
    playHint:
      "Qué tan anchas pueden quedar estas juntas; los bordes a la vista se cortan siempre como se planeó.",
    play: {
      base: { least: "Base, mínimo", most: "Base, máximo" },
      corner: { least: "Esquina, mínimo", most: "Esquina, máximo" },
      top: { least: "Arriba, mínimo", most: "Arriba, máximo" },
    },
  },
  atWall: {
    title: "En la pared",
    hint: "Los finales de un tramo se corren con las juntas: ponga la cinta, y lo que escriba reemplaza aquí al plan.",
    hole: (name, diameter, clearance) =>
      `${name}: un agujero de ${diameter}, a ${clearance} del tubo en todo el contorno.`,
    bearing: (bearing) => `El chapetón lo cubre ${bearing}.`,
    mark: {
      left: "Centro desde la pieza de la izquierda",
      right: "Centro desde la pieza de la derecha",
      bottom: "Centro desde la pieza de abajo",
      top: "Centro desde la pieza de arriba",
    },
    less: "menos la junta de",
    inPlace: "Taladrar en la pared, ya colocada la pieza",
    fields: {
      width: "Ancho en la pared",
      height: "Alto en la pared",
      left: "De la izquierda al agujero",
      holeAcross: "Agujero a lo ancho",
      right: "Del agujero a la derecha",
      bottom: "De abajo al agujero",
      holeUp: "Agujero a lo alto",
      top: "Del agujero arriba",
    },
    differs: (what, planned, off, more) =>
      `${what}: planeado ${planned}, la pared tiene ${off} ${more ? "más" : "menos"}.`,
    wrong: {
      width: (by) =>
        `Izquierda, agujero y derecha no dan el ancho de la pieza: ${by} de diferencia.`,
      height: (by) => `Abajo, agujero y arriba no dan el alto de la pieza: ${by} de diferencia.`,
      round: (by) => `Un tubo redondo mide igual en los dos sentidos: difieren ${by}.`,
    },
  },
  drops: {
    title: "Sobrantes, todas las paredes",
    tiles: "Azulejos para los cortes",
    without: "Si se tira cada sobrante",
    buy: "Piezas a comprar",
    boxes: (tiles, boxes) => `${tiles}, ${counted(boxes, "caja")}`,
    byArea: "Por área más 10 %",
    proven: "Ningún corte recto los saca de menos azulejos.",
    bound: (bound) => `Menos de ${bound} no es posible; entre medio quizá.`,
    show: "Qué pieza sale de qué azulejo",
    kerf: "La sierra se lleva",
    directional: "El azulejo tiene dirección: no se gira",
    hint: "Una pieza conserva sus cantos de fábrica donde se ven. Guarde los sobrantes hasta el final.",
    legend: "Cada azulejo da las piezas dibujadas en él; ↻ va girada media vuelta. Rayado: sobra.",
    alone: (count) => `${counted(count, "azulejo más da", "azulejos más dan")} una pieza cada uno.`,
    from: (names) => `Un azulejo da ${names}`,
    ticket: (names) => `El mismo azulejo da ${names}: córtelas juntas.`,
  },
  dryLay: {
    title: "Presentar en seco y mezclar tonos",
    hint: "Cada hilada desde la izquierda, la más baja primero: preséntela en el piso y mírela antes de mezclar mortero.",
    fromLeft: "Desde la izquierda",
    whole: (count) => `${count} enteras`,
    boxes: "Cajas en obra",
    named: (number, lot) => (lot ? `Lote ${lot}` : `Cajas ${number}`),
    lot: "Lote y tono",
    caliber: "Calibre",
    count: "Cajas",
    add: "Agregar cajas",
    share: (ofTen, onWall, wall) =>
      `${ofTen} de cada diez piezas; unas ${onWall} en ${wall}. Tenga abierta una caja de cada lote.`,
    calibers: (marks) =>
      `Los calibres ${marks} difieren en medida: no en una misma pared. Pida un solo calibre.`,
    short: (short, tiles) =>
      `${counted(tiles, "pieza está", "piezas están")} aquí, ${short} menos de las que hay que comprar: pida el mismo lote.`,
    enough: (tiles) =>
      `${counted(tiles, "pieza está", "piezas están")} aquí: alcanzan, con reserva y guarda.`,
  },
  how: "Cómo",
  steps: {
    practise:
      "El primer agujero de su clase: uno en una pieza de práctica, sea cual sea el azulejo",
    "drill-corner":
      "Taladre primero la esquina interior, o pare el disco antes y quiebre: por detrás corta de más",
    "hole-saw": "Haga el agujero con broca de corona y agua, con el azulejo entero",
    "split-hole":
      "Sin broca de corona: corte la pieza en dos por el centro del agujero y muerda las dos mitades; pruebe antes en un pedazo",
    "drill-in-place":
      "Demasiado cerca del borde para el banco: taladre en la pared ya fraguado, o mueva el trazo",
    nibble: "Esmerile o muerda la curva en el borde",
    knife:
      "Corte la malla con navaja; levante las teselas cruzadas o junto a un tubo y córtelas una por una",
    snap: "Rayar y quebrar",
    saw: "Sierra de agua, cara arriba; cinta sobre la línea donde se despostille",
    "saw-tongue-last": "Sierra de agua; el corte que deja la lengüeta va al final",
    window:
      "Taladre las cuatro esquinas de la ventana y corte de agujero a agujero con el azulejo apoyado en todo; una esquina viva se agrieta",
    "ease-edge": "Mate el canto que se ve en el hueco",
  },
  hides: "Los cantos cortados van",
  hiddenBy: {
    corner: "a la esquina",
    base: "a la base",
    top: "arriba",
    trim: "bajo el remate",
    opening: "al hueco",
    fixture: "bajo el chapetón",
  },
  risks: {
    "thin-strip": "Una tira tan delgada se rompe: mueva el trazo, o absórbala en las juntas.",
    "weak-tongue": "La lengüeta se va a romper: hágala de dos piezas, o mueva el trazo.",
    "hole-near-edge": "Poco azulejo entre agujero y borde: corte una de reserva.",
    "practise-hole": "Un agujero en vidrio o piedra: haga antes uno en una pieza de reserva.",
    "strip-below-saw": "La sierra que hay no sujeta una tira tan angosta: mueva el trazo.",
    "cut-beyond-tools":
      "Más largo de lo que alcanzan las herramientas: traiga otra sierra, o mueva el trazo.",
    "no-hole-saw":
      "No hay broca de corona: una junta por el centro del agujero ahorraría el corte.",
    brittle: "Vidrio o piedra: disco nuevo, avance lento y una de reserva.",
  },
};
