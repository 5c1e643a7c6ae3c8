import { connection } from 'next/server';
import { SpreadView } from '@/features/spread/spread-view';
import { getSpreadPage } from '@/server/queries/spread-page';

interface SpreadRouteProps {
  readonly searchParams: Promise<{
    readonly spread?: string | string[];
    readonly setup?: string | string[];
    readonly craft?: string | string[];
    /** from a strike of the log: place, line, cable and speed */
    readonly place?: string | string[];
    readonly line?: string | string[];
    readonly cable?: string | string[];
    readonly speed?: string | string[];
  }>;
}

export default async function SpreadRoute({ searchParams }: SpreadRouteProps) {
  await connection();
  const { spread, setup = [], craft, place, line, cable, speed } = await searchParams;
  const one = (given: string | string[] | undefined) => [given].flat()[0] ?? null;
  const figure = (given: string | string[] | undefined) => {
    const value = Number(one(given) ?? NaN);
    return Number.isFinite(value) && value >= 0 ? value : null;
  };
  const asked = {
    spread: one(spread),
    setups: [setup].flat(),
    craft: one(craft),
    again:
      line === undefined
        ? null
        : { pointId: one(place), lineM: figure(line), cableM: figure(cable), speedMps: figure(speed) },
  };
  return <SpreadView key={JSON.stringify(asked)} {...await getSpreadPage(asked)} />;
}
