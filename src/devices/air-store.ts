import { create } from "zustand";
import type { AirReading } from "../../core/instruments/simulated.ts";

interface AirState {
  status: "off" | "listening" | "lost";
  reading: AirReading | undefined;
}

/** What the thermo-hygrometer says; the last values stay when it goes quiet. */
export const useAir = create<AirState>(() => ({ status: "off", reading: undefined }));

let source: EventSource | undefined;

/** Starts listening, or stops. */
export function listenToAir(on: boolean): void {
  source?.close();
  source = undefined;
  if (!on) {
    useAir.setState({ status: "off" });
    return;
  }
  const seed = Math.floor(Math.random() * 1e9);
  const stream = new EventSource(
    `/api/devices/thermo-hygrometer?seed=${seed}&every=1000&count=600`,
  );
  source = stream;
  useAir.setState({ status: "listening" });
  stream.onmessage = (event) => {
    if (source === stream) useAir.setState({ reading: JSON.parse(event.data as string) });
  };
  stream.onerror = () => {
    if (source !== stream) return;
    stream.close();
    useAir.setState({ status: "lost" });
  };
}
