import { later } from "../words/en/later.ts";
import { english } from "../words/en.ts";

// Documents are made in workers and on the server too, where nothing else has asked for these words.
Object.assign(english, later);

export { formatWhen, readerLocale, ui } from "../words/ui.ts";
