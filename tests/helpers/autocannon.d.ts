declare module 'autocannon' {
  interface Result {
    readonly requests: { readonly average: number };
    readonly latency: { readonly p99: number };
  }
  export default function autocannon(options: {
    readonly url: string;
    readonly connections: number;
    readonly duration: number;
    readonly headers?: Readonly<Record<string, string>>;
  }): Promise<Result>;
}
