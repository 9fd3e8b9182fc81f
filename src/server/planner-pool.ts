import { type ChildProcess, fork } from "node:child_process";
import type { LanguageCode } from "../words/language-code.ts";

/** A document that is asked for: its name, and for PDFs the paper and the parts. */
export interface DocumentAsked {
  name: string;
  paper?: string | undefined;
  parts?: string[] | undefined;
}

/** What is asked of a project file beside its plan. */
export interface Asked {
  /** What sentences are told in. */
  language: LanguageCode;
  document?: DocumentAsked | undefined;
}

/** What a planning process is sent: a project file as it came in, and what is asked of it. */
export interface PlanTask extends Asked {
  id: number;
  body: Uint8Array;
}

/** What it answers: first what the job holds, then the answer itself as it goes out. */
export type PlanReply =
  | { id: number; about: string }
  | { id: number; status: number; type: string; body: Uint8Array };

/** The answer to a request, or why there is none. */
export type PlanOutcome =
  | { kind: "answer"; status: number; type: string; body: Uint8Array }
  /** It took too long or too much memory; `about` is what the job holds, as far as it was read. */
  | { kind: "too-large"; limit: "time" | "memory"; about: string | undefined }
  | { kind: "busy" }
  | { kind: "gone" };

export interface PoolLimits {
  /** Processes that plan at the same time. */
  processes: number;
  /** Requests that wait for one at most; more are refused at once. */
  waiting: number;
  /** A request is answered within this, waiting included, ms; one for a document within twice of it. */
  timeMs: number;
  /** Memory of a process, MB of its heap. */
  heapMb: number;
}

interface Request {
  id: number;
  body: Uint8Array;
  asked: Asked;
  about: string | undefined;
  timer: ReturnType<typeof setTimeout>;
  worker: Worker | undefined;
  /** When its planning began. */
  since: number;
  settle: (outcome: PlanOutcome) => void;
}

interface Worker {
  process: ChildProcess;
  request: Request | undefined;
}

/**
 * Plans in child processes that are kept warm, so that a job that takes too long or too much memory
 * takes nothing else with it: its process dies alone and is replaced. A process and not a thread,
 * since a thread that runs out of memory can end the whole server.
 */
export class PlannerPool {
  private readonly workers: Worker[] = [];
  private readonly waiting: Request[] = [];
  private nextId = 1;
  private closed = false;

  constructor(
    private readonly script: string,
    private readonly limits: PoolLimits,
    private readonly execArgv: string[] = [],
  ) {}

  /** Starts the processes before the first request needs one. */
  warm(): void {
    while (!this.closed && this.workers.length < this.limits.processes) this.start();
  }

  /** Plans a project file, or makes a document of it; stops and forgets it when the client has gone. */
  plan(
    body: Uint8Array,
    signal?: AbortSignal,
    asked: Asked = { language: "en" },
  ): Promise<PlanOutcome> {
    this.warm();
    const idle = this.workers.some(({ request }) => !request);
    if (signal?.aborted) return Promise.resolve({ kind: "gone" });
    if (!idle && this.waiting.length >= this.limits.waiting) {
      return Promise.resolve({ kind: "busy" });
    }
    return new Promise((resolve) => {
      const request: Request = {
        id: this.nextId++,
        body,
        asked,
        about: undefined,
        timer: setTimeout(() => this.overdue(request), this.timeFor(asked)),
        worker: undefined,
        since: Infinity,
        settle: (outcome) => {
          clearTimeout(request.timer);
          signal?.removeEventListener("abort", leave);
          resolve(outcome);
        },
      };
      const leave = () => this.drop(request, { kind: "gone" });
      signal?.addEventListener("abort", leave, { once: true });
      this.waiting.push(request);
      this.next();
    });
  }

  /** Ends all processes; what still waits is told that nobody plans it. */
  close(): void {
    this.closed = true;
    for (const request of this.waiting.splice(0)) request.settle({ kind: "gone" });
    for (const { process } of this.workers) process.kill("SIGKILL");
  }

  private start(): void {
    const child = fork(this.script, {
      serialization: "advanced",
      execArgv: [...this.execArgv, `--max-old-space-size=${this.limits.heapMb}`],
      // What V8 says of a heap that is full belongs to nobody's log.
      stdio: ["ignore", "ignore", "ignore", "ipc"],
    });
    const worker: Worker = { process: child, request: undefined };
    this.workers.push(worker);
    child.on("message", (reply: PlanReply) => this.onReply(worker, reply));
    child.on("exit", () => this.onExit(worker));
    child.on("error", () => child.kill("SIGKILL"));
    // Processes that only wait must not keep a server alive that wants to end.
    child.unref();
    child.channel?.unref();
  }

  private next(): void {
    for (const worker of this.workers) {
      if (worker.request) continue;
      const request = this.waiting.shift();
      if (!request) return;
      worker.request = request;
      request.worker = worker;
      request.since = performance.now();
      const { id, body, asked } = request;
      worker.process.send({ id, body, ...asked } satisfies PlanTask);
    }
  }

  private onReply(worker: Worker, reply: PlanReply): void {
    const { request } = worker;
    if (!request || request.id !== reply.id) return;
    if ("about" in reply) {
      request.about = reply.about;
      return;
    }
    worker.request = undefined;
    const { status, type, body } = reply;
    request.settle({ kind: "answer", status, type, body });
    this.next();
  }

  /** A process that ends by itself while it plans ran out of memory. */
  private onExit(worker: Worker): void {
    const { request } = worker;
    request?.settle({ kind: "too-large", limit: "memory", about: request.about });
    this.replace(worker);
  }

  /** Another process takes the place of one that has ended, or is about to. */
  private replace(worker: Worker): void {
    const at = this.workers.indexOf(worker);
    if (at < 0) return;
    this.workers.splice(at, 1);
    this.warm();
    this.next();
  }

  /** Writing what was planned takes as long again. */
  private timeFor({ document }: Asked): number {
    return this.limits.timeMs * (document ? 2 : 1);
  }

  private overdue(request: Request): void {
    // One that waited most of its time says nothing of its own size.
    const isOwn = performance.now() - request.since > this.timeFor(request.asked) / 2;
    const outcome: PlanOutcome = isOwn
      ? { kind: "too-large", limit: "time", about: request.about }
      : { kind: "busy" };
    this.drop(request, outcome);
  }

  private drop(request: Request, outcome: PlanOutcome): void {
    const at = this.waiting.indexOf(request);
    if (at >= 0) this.waiting.splice(at, 1);
    request.settle(outcome);
    const { worker } = request;
    if (worker?.request !== request) return;
    worker.request = undefined;
    worker.process.kill("SIGKILL");
    this.replace(worker);
  }
}
