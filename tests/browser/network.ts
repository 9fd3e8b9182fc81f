import { createServer, request, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { URLS } from "./browser.ts";

/** A network between the browser and the server, which can be cut and brings a newer version. */
export class Network {
  /** Added to the service worker, which makes it another version. */
  release = "";
  private server: Server;

  private constructor(private port = 0) {
    this.server = this.listener();
  }

  /** The network, with its address. */
  static async open(): Promise<Network> {
    const network = new Network();
    await network.mend();
    return network;
  }

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** No request gets through any more. */
  async cut(): Promise<void> {
    this.server.closeAllConnections();
    await new Promise((resolve) => this.server.close(resolve));
  }

  async mend(): Promise<void> {
    this.server = this.listener();
    await new Promise<void>((resolve) => this.server.listen(this.port, "127.0.0.1", resolve));
    this.port = (this.server.address() as AddressInfo).port;
  }

  private listener(): Server {
    const { hostname, port } = new URL(URLS.samples);
    return createServer((asked, answer) => {
      const { method, url = "/" } = asked;
      const isWorker = url === "/service-worker.js";
      // Asked for whole, not whether it has changed.
      const { "if-none-match": _, "if-modified-since": __, ...always } = asked.headers;
      const headers = { ...(isWorker ? always : asked.headers), "accept-encoding": "identity" };
      const sent = request({ hostname, port, path: url, method, headers }, (from) => {
        const { "content-length": length, ...others } = from.headers;
        answer.writeHead(from.statusCode ?? 500, isWorker ? others : from.headers);
        from.on("data", (part) => answer.write(part));
        from.on("end", () => answer.end(isWorker && length ? `//${this.release}` : undefined));
      });
      sent.on("error", () => answer.destroy());
      asked.pipe(sent);
    });
  }
}
