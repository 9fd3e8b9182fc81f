import type { over as english } from "../en/over.ts";

/** Words of what is opened over the drawing: keys, the palette, leaving, being told of a wait. */
export const over: typeof english = {
  shortcuts: {
    title: "Teclado",
    rows: [
      ["1 – 8", "Medir, Placas, Membrana, Trazar, Cortar, Colocar, Lechada, Entregar"],
      [
        "n, o, d, g, e, p, r y w",
        "Ahora, Pedido, Días, Bitácora, Opciones, Escantillón, Acta, Documentos",
      ],
      ["[ y ]", "Pared anterior y siguiente"],
      ["f", "Una pared grande, o todas"],
      ["t", "La cuenta de todas las paredes, o una línea"],
      ["v", "Plegar las paredes hasta formar el cuarto, o desplegarlas"],
      ["Tab, luego flechas", "Entrar al dibujo, la cuenta o una lista, y recorrerlos"],
      ["Re Pág, Av Pág", "Lo mismo donde las flechas mueven"],
      ["Flechas", "Mover el trazo de la pared una marca (en el dibujo)"],
      ["Mayús + flecha", "Mover diez marcas"],
      ["c y j", "Pieza o junta al centro"],
      ["l", "Comparar trazos"],
      ["Ctrl + Z, Ctrl + Mayús + Z", "Deshacer, rehacer"],
      ["u", "Pulgadas o milímetros"],
      ["x", "Exportar la obra"],
      ["Ctrl + P", "Imprimir la etapa o página que se ve"],
      ["Ctrl + K", "Buscar una orden, pared, corte, lectura, cifra u obra"],
      ["?", "Esta lista"],
    ],
    letters: "Teclas de una letra o cifra",
    lettersHint:
      "Apáguelas donde la voz o las teclas de un asistente las disparen. Ctrl + K encuentra todo lo que hacen.",
  },
  palette: {
    placeholder: "Una orden, pared, corte, lectura, cifra u obra",
    nothing:
      "Nada con ese nombre. Pruebe la letra de una pared, el número de un corte o parte de una orden.",
    add: (what) => `Agregar: ${what}`,
    more: (count) => `${count} más: siga escribiendo`,
    groups: {
      commands: "Órdenes",
      walls: "Paredes",
      cuts: "Cortes",
      openings: "Huecos y accesorios",
      readings: "Lecturas",
      figures: "Cifras",
      jobs: "Obras",
    },
  },
  leave: {
    title: "No todo está guardado",
    text: "Los últimos cambios de esta obra aún no están en este aparato. Quedan en esta pestaña hasta que se cierre. Guarde la obra como archivo, o quédese y pruebe otra vez.",
    go: "Salir de todos modos",
    stay: "Quedarse aquí",
  },
  remind: {
    tellMe: "Avísame cuando termine",
    toldAt: (time) =>
      `Se le avisará a las ${time}. Mientras esto esté abierto, la pantalla queda encendida.`,
    doNotTell: "No avisar",
    notAllowed: "Este navegador no lo permite. La espera se dice aquí y sobrevive a una recarga.",
  },
};
