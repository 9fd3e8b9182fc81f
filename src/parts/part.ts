import type { ComponentType } from "react";
import { laterWords } from "../words/language.ts";

/** A part of the page that is loaded when it is first shown, or ahead when there is time. */
export class Part<P extends object> {
  /** There once it is loaded: then it is shown without waiting. */
  ready: ComponentType<P> | undefined;

  /** One that is there with the first figures has its words with it. */
  constructor(
    private readonly fetch: () => Promise<ComponentType<P>>,
    private readonly words: () => Promise<void> = laterWords,
  ) {}

  /** Loads it; a try that failed can be made again. */
  load = async (): Promise<{ default: ComponentType<P> }> => {
    const [part] = await Promise.all([this.fetch(), this.words()]);
    this.ready = part;
    return { default: part };
  };
}
