import 'server-only';
import { blocksIn, listTripEvents, listTrips, type TripHead } from '@/db/repo';
import type { Db } from '@/db/client';
import type { BenchId } from '@/domain/ids';
import { correctedSeries, seriesOf } from '@/domain/log/block-series';
import { tripOf, type Trip } from '@/domain/log/trip';
import type { TriedTrip } from '@/domain/trials/slices';
import type { TrialDocument } from '@/domain/trials/trial-document';
import { gearKnown, helmOfTrip, tripContext, type TripContext } from '../trips/gear-known';
import { spanOf } from '../trips/kept-cells';

/** Trips of a bench as trials read them; each is read once, its instruments only where a trial asks for them. */
export class TrialTrips {
  private readonly read = new Map<string, Promise<TriedTrip>>();
  private constructor(
    private readonly db: Db,
    private readonly benchId: BenchId,
    private readonly heads: readonly TripHead[],
    readonly context: TripContext,
  ) {}

  static async of(db: Db, benchId: BenchId): Promise<TrialTrips> {
    const [heads, context] = await Promise.all([listTrips(db, benchId), tripContext(db, benchId)]);
    return new TrialTrips(db, benchId, heads, context);
  }

  /** Those that a trial could have something of. */
  forTrial({ startedS, closed, a }: TrialDocument): Promise<readonly TriedTrip[]> {
    if (a.pick.by === 'hand') return Promise.resolve([]);
    const isMeasured = a.pick.by === 'measure' || a.pick.by === 'pace';
    return Promise.all(
      this.heads
        .filter(({ fromS, toS }) => toS >= startedS && fromS <= (closed?.atS ?? Infinity))
        .map((head) => this.trip(head, isMeasured)),
    );
  }

  all(): Promise<readonly TriedTrip[]> {
    return Promise.all(this.heads.map((head) => this.trip(head, false)));
  }

  private trip(head: TripHead, isMeasured: boolean): Promise<TriedTrip> {
    const key = `${head.tripId} ${isMeasured}`;
    const found = this.read.get(key) ?? this.readTrip(head, isMeasured);
    this.read.set(key, found);
    return found;
  }

  private async readTrip({ tripId, name }: TripHead, isMeasured: boolean): Promise<TriedTrip> {
    const { rows } = await listTripEvents(this.db, this.benchId, tripId);
    const trip = tripOf(rows);
    const span = spanOf(trip, rows);
    const gear = await gearKnown(this.db, this.benchId, trip, this.context, isMeasured);
    return {
      id: tripId,
      name: name || tripId,
      trip,
      untilS: span.toS,
      series: isMeasured ? await this.series(trip, span) : null,
      gear,
    };
  }

  private async series(trip: Trip, span: { readonly fromS: number; readonly toS: number }) {
    const { blocks } = await blocksIn(this.db, this.benchId, span);
    return correctedSeries(seriesOf(blocks, trip), helmOfTrip(this.context, trip));
  }
}
