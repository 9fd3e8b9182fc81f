import { createContext } from "react";
import type { WarningCode } from "../../core/warning.ts";
import type { Page } from "../state/view-store.ts";

/** Which stage a warning is settled in, told by the shell, which knows them all. */
export const StageOfWarning = createContext<(code: WarningCode) => Page>(() => "set-out");
