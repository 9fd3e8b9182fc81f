import { create } from "zustand";
import { type AirReading, airReadings } from "../../core/instruments/simulated.ts";
import { listenTo } from "../state/stand-in.ts";

interface AirState {
  status: "off" | "listening" | "lost";
  reading: AirReading | undefined;
}

/** What the thermo-hygrometer says; the last values stay when it goes quiet. */
export const useAir = create<AirState>(() => ({ status: "off", reading: undefined }));

let stop: () => void = () => undefined;

/** Starts listening, or stops. */
export function listenToAir(on: boolean): void {
  stop();
  if (!on) {
    useAir.setState({ status: "off" });
    return;
  }
  const seed = Math.floor(Math.random() * 1e9);
  useAir.setState({ status: "listening" });
  stop = listenTo<AirReading>(
    {
      address: `/api/devices/thermo-hygrometer?seed=${seed}`,
      here: () => airReadings(seed),
      count: 600,
      every: 1000,
    },
    {
      onReading: (reading) => useAir.setState({ reading }),
      onQuiet: () => useAir.setState({ status: "lost" }),
    },
  );
}
