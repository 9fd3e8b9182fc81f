import {
  createContext,
  type ReactNode,
  startTransition,
  useContext,
  useEffect,
  useMemo,
  useState,
} from "react";

/** Sections that are drawn with the panel and what stands before them; those below a frame later. */
const FIRST = 1;

interface Filling {
  whole: boolean;
  /** Whether one more section belongs to the first frame. */
  take: () => boolean;
}

const PanelFilling = createContext<Filling>({ whole: true, take: () => true });

/**
 * A panel whose first frame holds what is seen of it: a stage opens in half the time on a slow
 * device. Below that sections have their titles alone until the frame after.
 */
export function FirstOfPanel({ children }: { children: ReactNode }) {
  const [whole, setWhole] = useState(false);
  const take = useMemo(() => {
    let left = FIRST;
    return () => {
      left -= 1;
      return left >= 0;
    };
  }, []);
  useEffect(() => afterFrame(() => startTransition(() => setWhole(true))), []);
  const filling = useMemo(() => ({ whole, take }), [whole, take]);
  return <PanelFilling.Provider value={filling}>{children}</PanelFilling.Provider>;
}

/** Whether a section shows what is in it; once it does, it always does. */
export function useFilled(): boolean {
  const { whole, take } = useContext(PanelFilling);
  const [first] = useState(take);
  return whole || first;
}

/** Whether the first frame is over: until then a long list shows what is seen of it. */
export function useWhole(): boolean {
  return useContext(PanelFilling).whole;
}

/** A page that is not seen draws no frames: then this is waited, ms. */
const UNSEEN = 150;

/** Does something once a frame is on the screen; gives the function that gives it up. */
function afterFrame(then: () => void): () => void {
  let frame = requestAnimationFrame(() => {
    frame = requestAnimationFrame(then);
  });
  const timer = setTimeout(then, UNSEEN);
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
}
