import { create } from "zustand";
import type { LengthReading } from "../../core/instruments/simulated.ts";

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

let source: EventSource | undefined;

function close(): void {
  source?.close();
  source = undefined;
}

/** Chooses the instrument in hand, or puts it away. */
export function chooseDevice(kind: DeviceKind | undefined): void {
  close();
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
  close();
  const seed = Math.floor(Math.random() * 1e9);
  const stream = new EventSource(`/api/devices/${kind}?near=${near}&seed=${seed}&count=40`);
  source = stream;
  useDevice.setState({ status: "measuring", reading: undefined });
  stream.onmessage = (event) => {
    if (source === stream) useDevice.setState({ reading: JSON.parse(event.data as string) });
  };
  // An instrument that goes quiet is told, and not asked again behind the user's back.
  stream.onerror = () => {
    if (source !== stream) return;
    close();
    useDevice.setState({ status: "lost" });
  };
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
