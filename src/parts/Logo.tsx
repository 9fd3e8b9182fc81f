import { ui } from "../words/ui.ts";

/** The product's name as it stands in the header. */
export function Logo() {
  return (
    <span
      className="text-lg font-extrabold tracking-wider uppercase"
      style={{ fontStretch: "90%" }}
    >
      {ui.product}
    </span>
  );
}
