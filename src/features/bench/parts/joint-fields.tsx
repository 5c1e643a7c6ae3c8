'use client';

import { BAIT_HOLDS, POINT_PLACES } from '@/core/tackle/defaults/bait-classes';
import { STINGER_HOLDS } from '@/core/tackle/defaults/rig-classes';
import type { Joint } from '@/domain/joint';
import { PINCHED_ABOVE_M, WEIGHT_HOLDS, type Station } from '@/core/tackle';
import { coloursOf } from '@/domain/parts/colours';
import { JOINT_LIMITS as L } from '@/domain/joint-limits';
import type { Part } from '@/domain/parts';
import { QuantityField } from '@/features/fields/quantity-field';
import { rowsOf } from '@/features/fields/choices';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';

export interface JointFieldsProps {
  readonly joint: Joint;
  readonly part: Part;
  /** what its lure's hooks hang at, where it is a lure or a hook on one */
  readonly stations: readonly Station[] | null;
  readonly onJoint: (joint: Joint, field: string) => void;
}

/** What is chosen about a joint besides its part: a length, a hold, where the point lies, which colour. */
export function JointFields(props: JointFieldsProps) {
  const { joint, part, onJoint } = props;
  const { t } = useI18n();
  const colours = coloursOf(part);
  if (colours.length === 0) return <OwnFields {...props} />;
  const choice = (
    <ChoiceField
      label={t('jointField.colour')}
      value={joint.colour ?? ''}
      options={[
        { value: '', label: t('jointField.anyColour') },
        ...colours.map(({ name, pieces }) => ({ value: name, label: pieces === null ? name : `${name} (${pieces})` })),
      ]}
      onValueChange={(colour) => onJoint({ ...joint, colour: colour === '' ? undefined : colour }, 'colour')}
    />
  );
  return <OwnFields {...props} colour={choice} />;
}

function OwnFields({
  joint,
  part,
  stations,
  onJoint,
  colour = null,
}: JointFieldsProps & { readonly colour?: React.ReactNode }) {
  const { t } = useI18n();
  const words = <K extends string>(values: readonly K[]) =>
    values.map((value) => ({ value, label: t(`word.${value}` as 'word.lead') }));
  const off = (held: number | undefined, set: (value: number | undefined) => Joint) => (
    <QuantityField
      label={t('jointField.offCentreM')}
      measure="size"
      value={held ?? null}
      limits={L.offCentreM}
      emptyMeans={t('jointField.centred')}
      onValueChange={(value) => onJoint(set(value ?? undefined), 'offCentreM')}
    />
  );
  const segments = (held: number | undefined, most: number | undefined, set: (value: number) => Joint) =>
    most ? (
      <ChoiceField
        label={t('jointField.segmentsOff')}
        value={String(held ?? 0)}
        options={Array.from({ length: most }, (_, i) => ({ value: String(i), label: String(i) }))}
        onValueChange={(value) => onJoint(set(Number(value)), 'segmentsOff')}
      />
    ) : null;
  switch (joint.kind) {
    case 'leader':
      return (
        <Frame>
          <QuantityField
            label={t('presentation.leaderM')}
            measure="distance"
            value={joint.lengthM}
            limits={L.leaderM}
            onValueChange={(lengthM) => lengthM !== null && onJoint({ ...joint, lengthM }, 'leaderM')}
          />
        </Frame>
      );
    case 'weight':
      return (
        <Frame>
          <ChoiceField
            label={t('presentation.hold')}
            value={joint.hold}
            options={words(WEIGHT_HOLDS)}
            onValueChange={(hold) => onJoint({ ...joint, hold }, 'hold')}
          />
          {joint.hold === 'pinched' && (
            <QuantityField
              label={t('jointField.aboveM')}
              measure="distance"
              value={joint.aboveM ?? PINCHED_ABOVE_M}
              limits={L.aboveM}
              onValueChange={(aboveM) => aboveM !== null && onJoint({ ...joint, aboveM }, 'aboveM')}
            />
          )}
          {part.kind === 'weight' && part.material === 'lead' && (
            <p className="semi-narrow col-span-2 mt-1 border-l-2 border-ink pl-2 text-[12px]">
              {t('presentation.leadCaution')}
            </p>
          )}
        </Frame>
      );
    case 'lure': {
      if (!stations || stations.length === 0) return colour && <Frame>{colour}</Frame>;
      const bare = joint.bare ?? [];
      return (
        <Frame>
          <fieldset className={`flex flex-wrap gap-x-4 ${colour ? '' : 'col-span-2'}`}>
            <legend className="narrow text-[12px] text-dim">{t('jointField.bare')}</legend>
            {[...new Set(stations)].map((station) => (
              <label key={station} className="flex min-h-9 items-center gap-1.5 text-[13px] lg:min-h-7">
                <input
                  type="checkbox"
                  checked={bare.includes(station)}
                  onChange={({ target }) => {
                    const left = target.checked ? [...bare, station] : bare.filter((each) => each !== station);
                    onJoint({ ...joint, bare: left.length === 0 ? undefined : left }, 'bare');
                  }}
                />
                {t(`station.${station}`)}
              </label>
            ))}
          </fieldset>
          {colour}
        </Frame>
      );
    }
    case 'hook':
      if (stations)
        return (
          <Frame>
            <ChoiceField
              label={t('jointField.station')}
              value={joint.station ?? 'all'}
              options={(['all', ...new Set(stations)] as const).map((value) => ({
                value,
                label: t(`station.${value}`),
              }))}
              onValueChange={(value) => onJoint({ ...joint, station: value === 'all' ? undefined : value }, 'station')}
            />
          </Frame>
        );
      return (
        <Frame>
          <ChoiceField
            label={t('presentation.point')}
            value={joint.point}
            options={words(rowsOf(POINT_PLACES))}
            onValueChange={(point) => onJoint({ ...joint, point }, 'point')}
          />
          {off(joint.offCentreM, (offCentreM) => ({ ...joint, offCentreM }))}
        </Frame>
      );
    case 'jig-head':
      return (
        <Frame>
          {off(joint.offCentreM, (offCentreM) => ({ ...joint, offCentreM }))}
          {colour}
        </Frame>
      );
    case 'bait':
      return (
        <Frame>
          <ChoiceField
            label={t('jointField.held')}
            value={joint.held ?? 'threaded'}
            options={words(rowsOf(BAIT_HOLDS))}
            onValueChange={(held) => onJoint({ ...joint, held }, 'held')}
          />
          {part.kind === 'natural-bait' ? (
            <ChoiceField
              label={t('jointField.spins')}
              value={joint.spins ? 'yes' : 'no'}
              options={[
                { value: 'no', label: t('jointField.swims') },
                { value: 'yes', label: t('jointField.rolls') },
              ]}
              onValueChange={(value) => onJoint({ ...joint, spins: value === 'yes' }, 'spins')}
            />
          ) : null}
          {part.kind === 'natural-bait' && part.bait === 'bait-worm' ? (
            <QuantityField
              label={t('jointField.slackM')}
              measure="size"
              value={joint.slackM ?? null}
              limits={L.slackM}
              emptyMeans={t('jointField.straight')}
              onValueChange={(slackM) => onJoint({ ...joint, slackM: slackM ?? undefined }, 'slackM')}
            />
          ) : null}
          {part.kind === 'natural-bait'
            ? null
            : segments(joint.segmentsOff, part.kind === 'soft-bait' ? part.segments : undefined, (segmentsOff) => ({
                ...joint,
                segmentsOff,
              }))}
          {colour}
        </Frame>
      );
    case 'snell':
      return part.kind === 'snell' && part.front === 'sliding' ? (
        <Frame>
          <QuantityField
            label={t('jointField.spacingM')}
            measure="size"
            value={joint.spacingM ?? part.spacingM?.value ?? null}
            limits={L.spacingM}
            onValueChange={(spacingM) => onJoint({ ...joint, spacingM: spacingM ?? undefined }, 'spacingM')}
          />
        </Frame>
      ) : null;
    case 'hardware':
      return part.kind === 'hardware' && part.form === 'sleeve' ? (
        <Frame>
          <ChoiceField
            label={t('jointField.place')}
            value={joint.place ?? 'eye'}
            options={(['eye', 'bend'] as const).map((value) => ({ value, label: t(`jointField.${value}`) }))}
            onValueChange={(place) => onJoint({ ...joint, place: place === 'eye' ? undefined : place }, 'place')}
          />
        </Frame>
      ) : null;
    case 'plane':
      return (
        <Frame>
          <QuantityField
            label={t('jointField.sidewaysRad')}
            measure="angle"
            value={joint.sidewaysRad ?? null}
            limits={L.sidewaysRad}
            emptyMeans={t('jointField.straightDown')}
            onValueChange={(sidewaysRad) => onJoint({ ...joint, sidewaysRad: sidewaysRad ?? undefined }, 'sidewaysRad')}
          />
          <ChoiceField
            label={t('jointField.tripped')}
            value={joint.tripped ? 'tripped' : 'set'}
            options={(['set', 'tripped'] as const).map((value) => ({ value, label: t(`classRow.planes.${value}`) }))}
            onValueChange={(value) => onJoint({ ...joint, tripped: value === 'tripped' ? true : undefined }, 'tripped')}
          />
        </Frame>
      );
    case 'trailer':
      return part.kind === 'trailer' && part.segments ? (
        <Frame>
          {segments(joint.segmentsOff, part.segments, (segmentsOff) => ({ ...joint, segmentsOff }))}
          {colour}
        </Frame>
      ) : (
        colour && <Frame>{colour}</Frame>
      );
    case 'stinger':
      return (
        <Frame>
          <QuantityField
            label={t('jointField.stingerM')}
            measure="size"
            value={joint.lengthM}
            limits={L.stingerM}
            onValueChange={(lengthM) => lengthM !== null && onJoint({ ...joint, lengthM }, 'stingerM')}
          />
          <ChoiceField
            label={t('jointField.stingerHeld')}
            value={joint.held}
            options={words(rowsOf(STINGER_HOLDS))}
            onValueChange={(held) => onJoint({ ...joint, held }, 'stingerHeld')}
          />
        </Frame>
      );
    default:
      return colour && <Frame>{colour}</Frame>;
  }
}

function Frame({ children }: { readonly children: React.ReactNode }) {
  return (
    <div className="grid grid-cols-2 items-end gap-x-3 border border-ink bg-sheet px-2 pb-1 print:hidden">
      {children}
    </div>
  );
}
