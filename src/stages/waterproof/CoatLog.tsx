import { Fragment } from "react";
import { fromShown, temperatureUnit, toShown, volumeUnit } from "../../../core/length/quantity.ts";
import { editSetting, together } from "../../../core/project/commands.ts";
import { addItem, editItem, removeItem } from "../../../core/project/items.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { ItemOf } from "../../../core/project/lists.ts";
import type { Project } from "../../../core/project/schema.ts";
import { dryingFactor, TEMPERATE } from "../../../core/waterproof/drying.ts";
import type { WallFilm } from "../../../core/waterproof/film-plan.ts";
import { listenToAir, useAir } from "../../devices/air-store.ts";
import { useJobStyle } from "../../fields/context.ts";
import { NumberField } from "../../fields/NumberField.tsx";
import { ItemCard, Row, Section, Tick, Verdict } from "../../panel/PanelParts.tsx";
import { TellMe } from "../../panel/TellMe.tsx";
import { useNow } from "../../state/clock.ts";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

type Coat = ItemOf<"coats">;

const place = { list: "coats" as const };

interface CoatLogProps {
  project: Project;
  film: WallFilm;
  /** All walls: one coat is often put on all of them at once. */
  films: WallFilm[];
  coats: number;
}

/** Which coats are on this wall and when, in which air, and how long until the next may come. */
export function CoatLog({ project, film, films, coats }: CoatLogProps) {
  const air = useAir((state) => state.reading);
  const logged = (project.film?.coats ?? []).filter(({ wall }) => wall === film.id);
  const missing = Array.from({ length: coats + 1 }, (_, k) => k).filter(
    (coat) => !film.done.includes(coat),
  );
  const log = (coat: number, walls: WallFilm[]) => {
    const at = new Date().toISOString();
    const conditions = air ? { tempC: air.tempC, humidity: air.humidity } : {};
    const entries = walls.map(({ id: wall }) =>
      addItem(place, { id: crypto.randomUUID(), wall, coat, at, ...conditions }),
    );
    dispatch(together("add-coats", entries));
  };
  return (
    <Section title={ui.waterproof.log}>
      <AirLine project={project} />
      <NextStep film={film} job={project.name} />
      {logged.map((coat) => (
        <CoatCard key={coat.id} coat={coat} />
      ))}
      <div className="flex flex-wrap gap-1">
        {missing.slice(0, 1).map((coat) => {
          const ready = films.filter(({ next }) => next.coat === coat);
          return (
            <Fragment key={coat}>
              <button type="button" className="btn btn-sm" onClick={() => log(coat, [film])}>
                {ui.waterproof.logHere(ui.waterproof.coat(coat))}
              </button>
              {ready.length > 1 && (
                <button type="button" className="btn btn-sm" onClick={() => log(coat, ready)}>
                  {ui.waterproof.logAll(ui.waterproof.coat(coat))}
                </button>
              )}
            </Fragment>
          );
        })}
      </div>
    </Section>
  );
}

/** What comes next, and the wait that is left as hours and minutes. */
function NextStep({ film, job }: { film: WallFilm; job: string }) {
  const { next } = film;
  const now = useNow(5000);
  const since = next.since === undefined ? Number.NaN : Date.parse(next.since);
  const left = Number.isFinite(since) ? since + next.waitH * 3_600_000 - now : 0;
  const name = next.coat === "tile" ? "" : ui.waterproof.coat(next.coat);
  if (left > 0) {
    const time = clockTime(left);
    return (
      <div className="mb-1">
        <p className="text-lg font-bold" data-countdown={time}>
          {next.coat === "tile" ? ui.waterproof.waitTile(time) : ui.waterproof.wait(name, time)}
        </p>
        <TellMe
          about={`${film.id}/${next.coat}`}
          at={now + left}
          title={next.coat === "tile" ? ui.waterproof.mayTile : ui.waterproof.may(name)}
          text={job}
        />
      </div>
    );
  }
  return (
    <div data-countdown="">
      <Verdict good>
        {next.coat === "tile" ? ui.waterproof.mayTile : ui.waterproof.may(name)}
      </Verdict>
    </div>
  );
}

function clockTime(ms: number): string {
  const minutes = Math.max(1, Math.round(ms / 60_000));
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, "0")} h`;
}

function AirLine({ project }: { project: Project }) {
  const { status, reading } = useAir();
  const factor = dryingFactor(jobOf(project), reading);
  const temperature = temperatureUnit(useJobStyle());
  return (
    <div className="mb-2">
      <Tick label={ui.waterproof.listen} checked={status === "listening"} onChange={listenToAir} />
      {reading && (
        <p className="text-sm" data-air>
          {ui.waterproof.air}:{" "}
          <strong>
            {Math.round(toShown(reading.tempC, temperature) * 10) / 10} {temperature.unit}
          </strong>
          , <strong>{reading.humidity} %</strong>
        </p>
      )}
      {status === "lost" && (
        <p role="alert" className="text-sm text-error">
          {ui.waterproof.quiet}
        </p>
      )}
      <div className="flex items-end gap-2">
        <NumberField
          label={`${ui.waterproof.factor} (${jobOf(project).given.dryingFactor ? ui.figure.yours : ui.figure.default})`}
          name="setting/dryingFactor"
          value={Math.round(factor * 100) / 100}
          min={0.1}
          max={20}
          suffix="×"
          onCommit={(value) => dispatch(editSetting("dryingFactor", value))}
        />
        {jobOf(project).given.dryingFactor && (
          <button
            type="button"
            className="btn btn-ghost btn-xs"
            onClick={() => dispatch(editSetting("dryingFactor", undefined))}
          >
            {ui.figure.reset}
          </button>
        )}
      </div>
    </div>
  );
}

function CoatCard({ coat }: { coat: Coat }) {
  const { id, at } = coat;
  const style = useJobStyle();
  const [volume, temperature] = [volumeUnit(style), temperatureUnit(style)];
  const edit = (patch: Partial<Coat>) => dispatch(editItem(place, id, patch));
  return (
    <ItemCard
      title={ui.waterproof.coat(coat.coat)}
      onRemove={() => dispatch(removeItem(place, id))}
    >
      <label className="mb-2 block">
        <span className="field-label">{ui.waterproof.at}</span>
        <input
          type="datetime-local"
          className="input input-sm w-full bg-base-100"
          value={localTime(at)}
          onChange={(event) => {
            const time = new Date(event.target.value);
            if (!Number.isNaN(time.getTime())) edit({ at: time.toISOString() });
          }}
        />
      </label>
      <Row>
        <NumberField
          label={ui.waterproof.litres}
          name={`coat/${id}/litres`}
          value={hundredths(toShown(coat.litres ?? 0, volume))}
          max={Math.floor(toShown(1000, volume))}
          suffix={volume.unit}
          onCommit={(shown) => edit({ litres: fromShown(shown, volume) })}
        />
      </Row>
      <Row>
        <NumberField
          label={ui.waterproof.temperature(temperature.unit)}
          name={`coat/${id}/temp`}
          value={hundredths(toShown(coat.tempC ?? TEMPERATE.tempC, temperature))}
          min={toShown(-30, temperature)}
          max={toShown(60, temperature)}
          onCommit={(shown) =>
            edit({
              tempC: fromShown(shown, temperature),
              humidity: coat.humidity ?? TEMPERATE.humidity,
            })
          }
        />
        <NumberField
          label={ui.waterproof.humidity}
          name={`coat/${id}/humidity`}
          value={coat.humidity ?? TEMPERATE.humidity}
          max={100}
          onCommit={(humidity) => edit({ humidity, tempC: coat.tempC ?? TEMPERATE.tempC })}
        />
      </Row>
    </ItemCard>
  );
}

function hundredths(value: number): number {
  return Math.round(value * 100) / 100;
}

/** An ISO moment as the field wants it: in local time, to the minute. */
function localTime(at: string): string {
  const time = new Date(at);
  if (Number.isNaN(time.getTime())) return "";
  const local = new Date(time.getTime() - time.getTimezoneOffset() * 60_000);
  return local.toISOString().slice(0, 16);
}
