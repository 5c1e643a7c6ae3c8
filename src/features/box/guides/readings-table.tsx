import type { Catalogue } from '@/i18n/catalogue';
import { useI18n } from '@/i18n/client';
import type { useGuide } from './use-guide';

type Name = keyof Catalogue['guide']['asks'];

/** The readings, a row each; what cannot be says so in its cell. */
export function ReadingsTable({ work }: { readonly work: ReturnType<typeof useGuide> }) {
  const { t, unitLabel } = useI18n();
  return (
    <table className="mt-3 w-full text-[14px]">
      <caption className="narrow text-left text-[12px] text-dim">{t('guide.readings')}</caption>
      <thead>
        <tr className="border-b border-ink text-left">
          <th scope="col" className="narrow w-6 text-[12px] font-normal text-dim">
            #
          </th>
          {work.columns.map(({ name, measure, optional }) => (
            <th key={name} scope="col" className="narrow text-[12px] font-normal text-dim">
              {t(`guide.asks.${name as Name}`)}
              {measure === 'count' ? '' : ` · ${unitLabel(measure)}`}
              {optional ? ` (${t('guide.optional')})` : ''}
            </th>
          ))}
          <th scope="col">
            <span className="sr-only">{t('guide.removeRow')}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {work.rows.map((row, at) => (
          <tr key={at} className="border-b border-faint align-top">
            <td className="narrow pt-1 text-[12px] text-dim">{at + 1}</td>
            {work.columns.map(({ name }) => {
              const cell = work.problems.find((each) => each.row === at && each.column === name);
              return (
                <td key={name} className="pr-2">
                  <input
                    aria-label={`${t(`guide.asks.${name as Name}`)} ${at + 1}`}
                    value={row[name] ?? ''}
                    autoComplete="off"
                    aria-invalid={cell ? true : undefined}
                    onChange={(event) => work.setCell(at, name, event.target.value)}
                    className={`min-h-8 w-full bg-transparent outline-offset-2 ${cell ? 'border-b-2 border-ink' : 'border-b border-faint'}`}
                  />
                  {cell && <p className="semi-narrow text-[12px]">{cell.text}</p>}
                </td>
              );
            })}
            <td className="text-right">
              {Object.values(row).some((cell) => cell !== '') && (
                <button
                  type="button"
                  aria-label={t('guide.removeRow')}
                  onClick={() => work.removeRow(at)}
                  className="min-h-8 px-2 text-dim hover:text-ink"
                >
                  ×
                </button>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
