import { type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import type { WallPhoto } from "../../../core/project/survey-schema.ts";
import { ui } from "../../words/ui.ts";

type PhotoPoint = WallPhoto["corners"][number];

interface PhotoPointsProps {
  photo: WallPhoto;
  address: string;
  onChange: (photo: WallPhoto) => void;
}

/** The photo with its marked points, each to drag or to move by arrow keys. */
export function PhotoPoints({ photo, address, onChange }: PhotoPointsProps) {
  const frame = useRef<HTMLDivElement>(null);
  // What is being dragged is stored when it is let go: one step of undo.
  const [moving, setMoving] = useState<WallPhoto>();
  const shown = moving ?? photo;
  const points: { name: string; at: PhotoPoint; moved: (to: PhotoPoint) => WallPhoto }[] = [
    ...shown.corners.map((at, k) => ({
      name: ui.measure.photo.corners[k] ?? "",
      at,
      moved: (to: PhotoPoint): WallPhoto => ({
        ...shown,
        corners: shown.corners.map((own, i) => (i === k ? to : own)) as WallPhoto["corners"],
      }),
    })),
    ...(["from", "to"] as const).flatMap((end) => {
      const { known } = shown;
      if (!known) return [];
      const moved = (to: PhotoPoint): WallPhoto => ({ ...shown, known: { ...known, [end]: to } });
      return [{ name: ui.measure.photo.ends[end], at: known[end], moved }];
    }),
  ];
  const place = (event: PointerEvent): PhotoPoint => {
    const { left, top, width, height } = (frame.current as HTMLElement).getBoundingClientRect();
    return [within((event.clientX - left) / width), within((event.clientY - top) / height)];
  };
  return (
    <div ref={frame} className="relative mt-2 touch-none select-none">
      <img src={address} alt={ui.measure.photo.title} className="block w-full" draggable={false} />
      <svg
        viewBox="0 0 1 1"
        preserveAspectRatio="none"
        aria-hidden="true"
        className="pointer-events-none absolute inset-0 size-full overflow-visible"
      >
        <polygon
          points={shown.corners.map(([x, y]) => `${x},${y}`).join(" ")}
          fill="none"
          stroke="var(--chalk)"
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
        />
        {shown.known && (
          <line
            x1={shown.known.from[0]}
            y1={shown.known.from[1]}
            x2={shown.known.to[0]}
            y2={shown.known.to[1]}
            stroke="var(--color-error)"
            strokeWidth={2}
            vectorEffect="non-scaling-stroke"
          />
        )}
      </svg>
      {points.map(({ name, at, moved }) => (
        <button
          key={name}
          type="button"
          aria-label={name}
          className="absolute size-11 -translate-x-1/2 -translate-y-1/2 cursor-grab rounded-full border-3 border-primary bg-base-100/30 active:cursor-grabbing"
          style={{ left: `${at[0] * 100}%`, top: `${at[1] * 100}%` }}
          onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
          onPointerMove={(event) => {
            if (event.currentTarget.hasPointerCapture(event.pointerId))
              setMoving(moved(place(event)));
          }}
          onPointerUp={() => {
            if (moving) onChange(moving);
            setMoving(undefined);
          }}
          onKeyDown={(event) => {
            const to = nudged(event, at);
            if (to) onChange(moved(to));
          }}
        >
          <span className="mx-auto block size-1.5 rounded-full bg-primary" />
        </button>
      ))}
    </div>
  );
}

function within(share: number): number {
  return Math.min(1, Math.max(0, share));
}

/** A nudge, as a share of the photo: Shift ten times as far. */
const NUDGE = 0.001;

const ARROWS: Record<string, PhotoPoint> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

function nudged(event: KeyboardEvent, [x, y]: PhotoPoint): PhotoPoint | undefined {
  const arrow = ARROWS[event.key];
  if (!arrow) return undefined;
  event.preventDefault();
  const step = NUDGE * (event.shiftKey ? 10 : 1);
  return [within(x + arrow[0] * step), within(y + arrow[1] * step)];
}
