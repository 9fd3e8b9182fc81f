import type { OrderItem } from "../order/row.ts";
import { ORDER_ITEMS } from "./en/order-items.ts";
import { words } from "./spoken.ts";

/**
 * Whether somebody calls an item of the order so: by its code, by its name in the open format, or by
 * its name in the language that is spoken. Case and spaces around count for nothing.
 */
export function isCalled(code: OrderItem, name: string): boolean {
  const told = name.trim().toLowerCase();
  return [code, ORDER_ITEMS[code], words.orderItems[code]].some(
    (known) => known.toLowerCase() === told,
  );
}
