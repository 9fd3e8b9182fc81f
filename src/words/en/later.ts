import { backup } from "./backup.ts";
import { board } from "./board.ts";
import { cut } from "./cut.ts";
import { grout } from "./grout.ts";
import { measure } from "./measure.ts";
import { order } from "./order.ts";
import { pole } from "./pole.ts";
import { readings } from "./readings.ts";
import { record } from "./record.ts";
import { now, set } from "./set.ts";
import { waterproof } from "./waterproof.ts";

/** Words of the stages and pages that are loaded where they are shown. */
export const later = {
  ...{ backup, board, cut, grout, measure, now, order },
  ...{ pole, readings, record, set, waterproof },
};
