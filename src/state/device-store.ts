import { create } from "zustand";
import { type LengthReading, lengthReadings } from "../../core/instruments/simulated.ts";
import { listenTo } from "./stand-in.ts";

/** A field that waits for a reading. */
export interface ArmedField {
  name: string;
  label: string;
  /** What the stand-in measures: near what the field holds. */
  near: number;
  /** Puts a reading into the field; says why not when the field cannot take it. */
  take: (mm: number) => string | undefined;
}

export type DeviceKind = "laser" | "level";
export type DeviceStatus = "off" | "ready" | "measuring" | "lost";

interface DeviceState {
  kind: DeviceKind | undefined;
  status: DeviceStatus;
  armed: ArmedField | undefined;
  /** The newest reading: undefined before the first, without mm when the beam found nothing. */
  reading: LengthReading | undefined;
  /** Readings taken for the armed field, oldest first, mm. */
  taken: number[];
  problem: string | undefined;
}

const OFF: DeviceState = {
  kind: undefined,
  status: "off",
  armed: undefined,
  reading: undefined,
  taken: [],
  problem: undefined,
};

export const useDevice = create<DeviceState>(() => OFF);

let stop: () => void = () => undefined;

/** Chooses the instrument in hand, or puts it away. */
export function chooseDevice(kind: DeviceKind | undefined): void {
  stop();
  useDevice.setState(kind ? { ...OFF, kind, status: "ready" } : OFF);
}

/** Arms a field: the instrument measures for it from now on. Without an instrument nothing happens. */
export function armField(field: ArmedField): void {
  const { kind, armed } = useDevice.getState();
  if (!kind) return;
  if (armed?.name === field.name) {
    useDevice.setState({ armed: field });
    return;
  }
  useDevice.setState({ armed: field, taken: [], problem: undefined });
  listen(kind, field.near);
}

/** Listens to the instrument again after it went quiet. */
export function reconnect(): void {
  const { kind, armed } = useDevice.getState();
  if (kind && armed) listen(kind, armed.near);
}

function listen(kind: DeviceKind, near: number): void {
  stop();
  const seed = Math.floor(Math.random() * 1e9);
  useDevice.setState({ status: "measuring", reading: undefined });
  stop = listenTo<LengthReading>(
    {
      address: `/api/devices/${kind}?near=${near}&seed=${seed}`,
      here: () => lengthReadings(kind, near, seed),
      count: 40,
      every: 300,
    },
    {
      onReading: (reading) => useDevice.setState({ reading }),
      onQuiet: () => useDevice.setState({ status: "lost" }),
    },
  );
}

/** Takes the newest reading into the armed field. */
export function takeReading(): void {
  const { reading, taken } = useDevice.getState();
  if (reading?.mm === undefined) return;
  useDevice.setState({ taken: [...taken, reading.mm] });
  applyReading(reading.mm);
}

/** Puts one of the taken readings into the armed field. */
export function applyReading(mm: number): void {
  const { armed } = useDevice.getState();
  useDevice.setState({ problem: armed?.take(mm) });
}
