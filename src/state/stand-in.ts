/** What listens to an instrument. */
interface Listener<T> {
  onReading: (reading: T) => void;
  /** It has gone quiet, and is not asked again behind the user's back. */
  onQuiet: () => void;
}

interface StandIn<T> {
  /** Where the server lets it be heard. */
  address: string;
  /** The same readings made here, for where there is no server. */
  here: () => Iterator<T>;
  /** How many it gives before it switches itself off, and how often, ms. */
  count: number;
  every: number;
}

/**
 * Listens to a simulated instrument: to the server's, as one would to a real one, or to the page's
 * own where there is no server to be heard. Gives the function that ends it.
 */
export function listenTo<T>(standIn: StandIn<T>, { onReading, onQuiet }: Listener<T>): () => void {
  const { address, here, count, every } = standIn;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let heard = false;
  let isOn = true;
  const stream = new EventSource(`${address}&every=${every}&count=${count}`);
  const stop = () => {
    isOn = false;
    stream.close();
    clearTimeout(timer);
  };
  stream.onmessage = (event) => {
    heard = true;
    onReading(JSON.parse(event.data as string) as T);
  };
  stream.onerror = () => {
    if (!isOn) return;
    stream.close();
    if (heard) {
      onQuiet();
      return;
    }
    const readings = here();
    const give = (left: number) => {
      const { value, done } = readings.next();
      if (done || left === 0) return onQuiet();
      onReading(value as T);
      timer = setTimeout(() => give(left - 1), every);
    };
    give(count);
  };
  return stop;
}
