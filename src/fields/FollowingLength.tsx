import { useRef } from "react";
import { type Follow, setText, useFollower } from "../state/passing.ts";
import { useJobStyle } from "./context.ts";
import { lengthTexts } from "./Length.tsx";

interface FollowingLengthProps {
  /** The length as it was planned. */
  mm: number;
  follow: Follow<number>;
  /** Write a plus before a positive length. */
  signed?: boolean;
}

/** A length without its unit that follows a dragging finger. */
export function FollowingLength({ mm, follow, signed = false }: FollowingLengthProps) {
  const style = useJobStyle();
  const whole = useRef<HTMLSpanElement>(null);
  const fraction = useRef<HTMLSpanElement>(null);
  useFollower(follow, mm, (value) => {
    const texts = lengthTexts(value, style, signed);
    setText(whole.current, texts.whole);
    setText(fraction.current, texts.fraction);
  });
  const texts = lengthTexts(mm, style, signed);
  return (
    <>
      <span ref={whole}>{texts.whole}</span>
      <span ref={fraction} className="frac">
        {texts.fraction}
      </span>
    </>
  );
}
