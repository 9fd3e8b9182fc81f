import type { ComponentType } from "react";

/** A part of the page that is loaded when it is first shown, or ahead when there is time. */
export class Part<P extends object> {
  /** There once it is loaded: then it is shown without waiting. */
  ready: ComponentType<P> | undefined;

  constructor(private readonly fetch: () => Promise<ComponentType<P>>) {}

  /** Loads it; a try that failed can be made again. */
  load = async (): Promise<{ default: ComponentType<P> }> => {
    this.ready = await this.fetch();
    return { default: this.ready };
  };
}
