import { judgeSeries } from "../../core/instruments/series.ts";
import { Choice } from "../fields/Choice.tsx";
import { Length } from "../fields/Length.tsx";
import { Verdict } from "../panel/PanelParts.tsx";
import {
  applyReading,
  chooseDevice,
  type DeviceKind,
  reconnect,
  takeReading,
  useDevice,
} from "../state/device-store.ts";
import { ui } from "../words/ui.ts";

/** The instrument in hand: what it reads now, for which field, and what was taken for it. */
export function DeviceBar() {
  const { kind, status, armed, reading } = useDevice();
  return (
    <div className="mt-3 border-l-3 border-base-300 pl-2" data-device={status}>
      <Choice
        label={ui.devices.title}
        value={kind ?? "none"}
        options={
          [["none", ui.devices.none], ...Object.entries(ui.devices.kinds)] as [
            DeviceKind | "none",
            string,
          ][]
        }
        onChange={(next) => chooseDevice(next === "none" ? undefined : next)}
      />
      {kind && !armed && <p className="mt-1 text-sm">{ui.devices.arm}</p>}
      {armed && (
        <>
          <p className="mt-1 text-sm font-semibold text-primary">{ui.devices.armed(armed.label)}</p>
          <div className="flex items-center gap-2">
            <output className="flex-1 text-2xl font-bold" data-reading>
              {!reading && <span className="text-base">{ui.devices.waiting}</span>}
              {reading && reading.mm === undefined && ui.devices.nothing}
              {reading?.mm !== undefined && <Length mm={reading.mm} />}
            </output>
            <TakeButton />
          </div>
        </>
      )}
      {status === "lost" && (
        <div role="alert" className="mt-1 text-sm">
          <p className="font-semibold text-error">{ui.devices.lost}</p>
          <button type="button" className="btn btn-sm mt-1" onClick={reconnect}>
            {ui.devices.reconnect}
          </button>
        </div>
      )}
      <Taken />
    </div>
  );
}

function TakeButton() {
  const { status, reading, taken } = useDevice();
  return (
    <button
      type="button"
      className="btn btn-primary"
      disabled={status !== "measuring" || reading?.mm === undefined}
      onClick={takeReading}
    >
      {taken.length > 0 ? ui.devices.again : ui.devices.take}
    </button>
  );
}

/** What was taken for the armed field; of several, the user says which counts. */
function Taken() {
  const { taken, problem } = useDevice();
  const { spread, agrees, outliers } = judgeSeries(taken);
  return (
    <>
      {problem && <Verdict good={false}>{problem}</Verdict>}
      {taken.length > 0 && (
        <ul className="mt-1 flex flex-wrap gap-1" data-taken={taken.length}>
          {taken.map((mm, k) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: readings are told apart by their order
            <li key={k}>
              <button
                type="button"
                className={`btn btn-sm ${outliers.includes(k) ? "text-error" : ""}`}
                onClick={() => applyReading(mm)}
              >
                {outliers.includes(k) && "! "}
                <Length mm={mm} />
              </button>
            </li>
          ))}
        </ul>
      )}
      {taken.length > 1 && (
        <Verdict good={agrees}>
          {ui.devices.spread} <Length mm={spread} />. {agrees ? "" : ui.devices.disagree}
        </Verdict>
      )}
    </>
  );
}
