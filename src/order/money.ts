import { readerLocale } from "../words/ui.ts";

/** An amount of money as the reader writes it, without a currency: prices are in the user's own. */
export function formatMoney(amount: number): string {
  const two = { minimumFractionDigits: 2, maximumFractionDigits: 2 };
  return amount.toLocaleString(readerLocale(), two);
}
