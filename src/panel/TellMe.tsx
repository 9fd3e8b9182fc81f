import { Bell } from "lucide-react";
import { useEffect, useState } from "react";
import { useJobStyle } from "../fields/context.ts";
import { useWakeLock } from "../parts/useWakeLock.ts";
import { forgetReminder, remindOf, useReminders } from "../state/reminders.ts";
import { formatTime, ui } from "../words/ui.ts";

interface TellMeProps {
  about: string;
  at: number;
  title: string;
  text: string;
  label?: string;
  /** For a thumb in a glove. */
  large?: boolean;
}

/** Asks to be told when a wait is over; a wait that becomes longer is told later. */
export function TellMe({
  about,
  at,
  title,
  text,
  label = ui.remind.tellMe,
  large = false,
}: TellMeProps) {
  const { job } = useJobStyle();
  const key = `${job}/${about}`;
  const waiting = useReminders((state) => state.waiting.find((each) => each.key === key));
  const [refused, setRefused] = useState(false);
  const minute = Math.round(at / 60_000) * 60_000;
  useEffect(() => {
    if (waiting && waiting.at !== minute) void remindOf({ ...waiting, at: minute });
  }, [waiting, minute]);
  if (waiting) return <Told at={minute} onForget={() => forgetReminder(key)} />;
  const ask = async () => setRefused(!(await remindOf({ key, at: minute, title, text })));
  return (
    <>
      <button
        type="button"
        className={large ? "btn quiet-button h-16 text-base" : "btn btn-sm"}
        onClick={() => void ask()}
      >
        <Bell size={16} aria-hidden="true" /> {label}
      </button>
      {refused && (
        <p role="alert" className="text-sm">
          {ui.remind.notAllowed}
        </p>
      )}
    </>
  );
}

/** A wait that is told when it is over. A screen that goes dark stops a phone's timers. */
function Told({ at, onForget }: { at: number; onForget: () => void }) {
  useWakeLock();
  return (
    <p className="flex flex-wrap items-center gap-2 text-sm" data-reminder={at}>
      {ui.remind.toldAt(formatTime(at))}
      <button type="button" className="btn btn-xs" onClick={onForget}>
        {ui.remind.doNotTell}
      </button>
    </p>
  );
}
