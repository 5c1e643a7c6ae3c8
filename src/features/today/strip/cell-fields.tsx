'use client';

import type { ComponentType } from 'react';
import type { CellProps } from './cell-props';
import type { CellId } from './cell-text';
import { ClarityFields, CoverFields, CurrentFields, DepthFields, TemperatureFields } from './depth-fields';
import { BaitFields, FishFields, MoodFields } from './fish-fields';
import { CraftFields, HoursFields, PeopleFields } from './place-fields';
import { LightFields, WindFields } from './sky-fields';
import { WaterField } from './water-field';

const FIELDS: Readonly<Record<CellId, ComponentType<CellProps>>> = {
  water: WaterField,
  hours: HoursFields,
  fish: FishFields,
  mood: MoodFields,
  depths: DepthFields,
  temperature: TemperatureFields,
  clarity: ClarityFields,
  light: LightFields,
  wind: WindFields,
  current: CurrentFields,
  craft: CraftFields,
  people: PeopleFields,
  cover: CoverFields,
  baits: BaitFields,
};

/** The fields of one cell of the strip. */
export function CellFields({ cell, ...props }: CellProps & { readonly cell: CellId }) {
  const Fields = FIELDS[cell];
  return <Fields {...props} />;
}
