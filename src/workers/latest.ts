/** Takes questions and answers the newest. */
export interface LatestRunner<Q> {
  ask: (question: Q) => void;
}

/**
 * Runs a slow function for the newest question only: while one runs, at most one more waits, and a
 * newer question takes its place. An answer to a question that is no longer the newest but newer
 * than the last answer still counts, so that a long drag shows its way; late ones are dropped.
 */
export function latestRunner<Q, A>(
  run: (question: Q) => Promise<A>,
  onAnswer: (answer: A, question: Q) => void,
  onFailure: (error: unknown, question: Q) => void,
): LatestRunner<Q> {
  let running = false;
  let waiting: { question: Q } | undefined;

  async function start(question: Q): Promise<void> {
    running = true;
    try {
      onAnswer(await run(question), question);
    } catch (error) {
      onFailure(error, question);
    }
    running = false;
    const next = waiting;
    waiting = undefined;
    if (next) void start(next.question);
  }

  return {
    ask(question) {
      if (running) waiting = { question };
      else void start(question);
    },
  };
}
