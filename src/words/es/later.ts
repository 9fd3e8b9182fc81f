import type { later as english } from "../en/later.ts";
import { backup } from "./backup.ts";
import { board } from "./board.ts";
import { compare } from "./compare.ts";
import { cut } from "./cut.ts";
import { days } from "./days.ts";
import { devices } from "./devices.ts";
import { documents } from "./documents.ts";
import { grout } from "./grout.ts";
import { handOver } from "./hand-over.ts";
import { newJob } from "./jobs.ts";
import { log } from "./log.ts";
import { measure } from "./measure.ts";
import { options } from "./options.ts";
import { order } from "./order.ts";
import { over } from "./over.ts";
import { paper } from "./paper.ts";
import { pole } from "./pole.ts";
import { readings } from "./readings.ts";
import { record } from "./record.ts";
import { now, set } from "./set.ts";
import { setOut } from "./set-out.ts";
import { waterproof } from "./waterproof.ts";

/** Words of the stages and pages that are loaded where they are shown. */
export const later: typeof english = {
  ...{ backup, board, compare, cut, days, devices, documents, grout, handOver, log, measure },
  ...{ newJob, now, options, order, paper, pole, readings, record, set, setOut, waterproof },
  ...over,
};
