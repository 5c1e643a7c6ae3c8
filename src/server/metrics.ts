import 'server-only';
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';

function made() {
  const registry = new Registry();
  collectDefaultMetrics({ register: registry });
  return {
    registry,
    served: new Histogram({
      name: 'ferula_use_case_seconds',
      help: 'How long use cases took, by their way in and how they ended.',
      labelNames: ['way', 'end'] as const,
      buckets: [0.005, 0.01, 0.025, 0.05, 0.1, 0.2, 0.3, 0.5, 1, 2, 5],
      registers: [registry],
    }),
    refused: new Counter({
      name: 'ferula_refused_total',
      help: 'Requests that were refused because nobody was signed in, the role was not enough, or the bench was another.',
      labelNames: ['why'] as const,
      registers: [registry],
    }),
    liveLines: new Gauge({
      name: 'ferula_live_lines',
      help: 'Pages that listen to instruments at this instance.',
      registers: [registry],
    }),
  };
}

// One for the process: routes and pages are built apart.
const kept = globalThis as { ferulaMetrics?: ReturnType<typeof made> };
export const metrics = () => (kept.ferulaMetrics ??= made());

export type Way = 'page' | 'question' | 'change' | 'route';

/** Takes the time of a use case. */
export async function timed<T>(way: Way, work: () => Promise<T>, endOf: (result: T) => string): Promise<T> {
  const stop = metrics().served.startTimer({ way });
  try {
    const result = await work();
    stop({ end: endOf(result) });
    return result;
  } catch (error) {
    stop({ end: 'failed' });
    throw error;
  }
}

/** In the usual text form, for whoever knows METRICS_TOKEN; without one set, for nobody. */
export async function metricsText(request: Request): Promise<Response> {
  const token = process.env['METRICS_TOKEN'] ?? '';
  if (token === '' || request.headers.get('authorization') !== `Bearer ${token}`)
    return new Response('Set METRICS_TOKEN, and send it as a bearer token.\n', { status: 401 });
  const { registry } = metrics();
  return new Response(await registry.metrics(), { headers: { 'content-type': registry.contentType } });
}
