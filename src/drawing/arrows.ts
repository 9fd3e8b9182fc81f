import type { KeyboardEvent } from "react";

/** What an arrow key moves, to the right and up, mm; ten times as far with Shift. */
export function arrowMove(
  { key, shiftKey }: Pick<KeyboardEvent, "key" | "shiftKey">,
  step: number,
): [dx: number, dy: number] | undefined {
  const size = shiftKey ? step * 10 : step;
  switch (key) {
    case "ArrowLeft":
      return [-size, 0];
    case "ArrowRight":
      return [size, 0];
    case "ArrowUp":
      return [0, size];
    case "ArrowDown":
      return [0, -size];
    default:
      return undefined;
  }
}
