import type { record as english } from "../en/record.ts";

/** Words of the record of what was there before. */
export const record: typeof english = {
  title: "Acta de lo que había",
  intro:
    "Rayones, despostilladuras y grietas que ya están antes de empezar: con foto, lugar, avisados y firmados por los dos.",
  add: "Algo hallado",
  empty: "Aún no hay nada anotado. Dé una vuelta antes de tapar nada.",
  entry: (number) => `N.º ${number}`,
  words: "Qué es",
  wall: "Pared",
  noWall: "en otra parte del cuarto",
  x: "Desde su esquina izquierda",
  level: "Desde la línea de nivel",
  placeHint: "o presione el dibujo para ubicar el marcado",
  toldWho: "A quién se avisó",
  toldWhen: "Cuándo",
  today: "Hoy",
  addPhoto: "Foto",
  photo: (number, of) => `Foto ${number}: ${of}`,
  removePhoto: "Quitar esta foto",
  missingPhoto: "Esta foto no está en este navegador. Importe el archivo ZIP de la obra.",
  working: "Achicando la foto…",
  problems: {
    "too-large": (file) =>
      `${file} pasa de 80 MB y no se tomó. Hágala más chica antes; nada más cambió.`,
    "not-an-image": (file) => `${file} no se abre como foto. Elija un JPEG o PNG; nada más cambió.`,
    "disk-full": (file) =>
      `${file} no se guardó: el almacén del navegador está lleno. Libere espacio y elíjala otra vez; lo anotado está a salvo.`,
  },
  drawing: "Dónde está",
  decisions: "Revisiones que se decidieron",
  noDecisions: "No hubo revisión que decidir.",
  by: "de acuerdo:",
  protection: "Protegido antes del trabajo",
  items: {
    tub: "Tina o plato acolchado y cubierto",
    drain: "Desagüe tapado contra lechada y arenilla",
    floor: "Piso y paso cubiertos",
    fixtures: "Llaves, tapas y vidrio envueltos o quitados",
    doors: "Puerta y rejillas con cinta contra el polvo",
    furniture: "Mueble y espejo cubiertos",
  },
  signatures: "Los dos vieron esta hoja",
  setter: "Azulejero, fecha",
  owner: "Dueño, fecha",
  print: "Imprimir",
  caution:
    "Azulejo, placa, adhesivo o pintura viejos pueden tener asbesto o plomo: hágalos analizar antes de quitar nada.",
};
