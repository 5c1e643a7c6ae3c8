import { connection } from 'next/server';
import { TrueScaleSheet } from '@/features/true-scale/true-scale-sheet';
import { getBox } from '@/server/queries/box-page';

export default async function TrueScalePage() {
  await connection();
  return <TrueScaleSheet box={await getBox()} />;
}
