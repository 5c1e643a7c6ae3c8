import { headers } from 'next/headers';
import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import { BenchView } from '@/features/bench/bench-view';
import { BrokenSetupView } from '@/features/broken-setup/broken-setup-view';
import { getSetupPage } from '@/server/queries/setup-page';

interface SetupRouteProps {
  readonly params: Promise<{ readonly setupId: string }>;
  readonly searchParams: Promise<Readonly<Partial<Record<'revision' | 'tour', string | string[]>>>>;
}

export default async function SetupRoute({ params, searchParams }: SetupRouteProps) {
  await connection();
  const [{ setupId }, { revision, tour }] = await Promise.all([params, searchParams]);
  const asked = typeof revision === 'string' ? revision : undefined;
  const page = await getSetupPage(setupId, asked);
  if (!page) notFound();
  if (page.kind === 'broken') return <BrokenSetupView {...page} />;
  const { kind: _, setup, revision: line, ...rest } = page;
  // It only decides which drawing is made first.
  const fromPhone = /Mobi/.test((await headers()).get('user-agent') ?? '');
  return (
    <BenchView
      key={`${setup.id} ${asked ?? 'newest'}`}
      {...rest}
      draftKey={`setup ${setup.id}`}
      setup={setup}
      line={line}
      version={setup.version}
      revision={line.number}
      fromPhone={fromPhone}
      startsTour={tour === '1'}
    />
  );
}
