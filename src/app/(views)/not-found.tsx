import { getI18n } from '@/i18n/server';
import { Link } from '@/ui/link';

export default async function NotFound() {
  const { t } = await getI18n();
  return (
    <main id="main" tabIndex={-1} className="outline-none mx-auto max-w-xl px-3 py-8">
      <h1 className="narrow mb-2 text-[20px] font-semibold">{t('error.notFoundTitle')}</h1>
      <p className="mb-3">{t('error.notFound')}</p>
      <Link href="/bench" className="underline">
        {t('error.toList')}
      </Link>
    </main>
  );
}
