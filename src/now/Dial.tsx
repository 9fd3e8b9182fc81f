import type { ReactNode } from "react";

interface DialProps {
  /** Share that is gone, 0 to 1. */
  gone: number;
  /** It is nearly or quite over. */
  alarm: boolean;
  children: ReactNode;
}

const RADIUS = 118;
const ROUND = 2 * Math.PI * RADIUS;

/** A ring that runs down round what it counts: to be read across a room. */
export function Dial({ gone, alarm, children }: DialProps) {
  return (
    <div className="relative mx-auto size-52 md:size-64">
      <svg viewBox="0 0 256 256" className="absolute inset-0 -rotate-90" aria-hidden="true">
        <circle
          cx={128}
          cy={128}
          r={RADIUS}
          fill="none"
          stroke="var(--color-base-300)"
          strokeWidth={16}
        />
        <circle
          cx={128}
          cy={128}
          r={RADIUS}
          fill="none"
          stroke={alarm ? "var(--crayon)" : "var(--chalk)"}
          strokeWidth={16}
          strokeDasharray={`${(1 - gone) * ROUND} ${ROUND}`}
        />
      </svg>
      <div className="absolute inset-0 flex flex-col items-center justify-center gap-1 px-8 text-center">
        {children}
      </div>
    </div>
  );
}
