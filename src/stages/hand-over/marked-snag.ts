import { create } from "zustand";

/** The snag whose place a press on the wall gives. */
export const markedSnag = create<{ id: string | undefined }>(() => ({ id: undefined }));
