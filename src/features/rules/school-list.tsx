'use client';

import { SCHOOLS, type School, type SchoolId } from '@/core/tackle/defaults/schools';
import type { House } from '@/domain/house';
import { useI18n } from '@/i18n/client';

type Schools = House['schools'];

/** Where practice differs: the question, a sentence for each side, and the side that this bench takes. */
export function SchoolList({
  schools,
  onSchools,
}: {
  readonly schools: Schools;
  readonly onSchools: (schools: Schools) => void;
}) {
  const { t } = useI18n();
  return (
    <ul>
      {(Object.keys(SCHOOLS) as SchoolId[]).map((school) => {
        const { sides, usual, reminder }: School = SCHOOLS[school];
        const taken = schools[school] ?? usual;
        return (
          <li key={school} className="border-t border-faint py-1.5 first:border-0">
            <fieldset>
              <legend className="narrow text-[15px] font-semibold">
                {t(`school.${school}.title`)}
                {reminder && (
                  <span className="semi-narrow pl-2 text-[13px] font-normal text-dim">{t('rules.reminder')}</span>
                )}
              </legend>
              <div className="grid gap-x-4 gap-y-1 sm:grid-cols-2 lg:grid-cols-3">
                {sides.map((side) => (
                  <label
                    key={side}
                    className="flex min-h-9 items-start gap-2 px-1 py-0.5 border-l-2 border-transparent has-checked:border-ink has-checked:bg-paper"
                  >
                    <input
                      type="radio"
                      name={school}
                      checked={taken === side}
                      onChange={() => onSchools({ ...schools, [school]: side })}
                      className="mt-1"
                    />
                    <span>
                      <span className="block leading-tight">
                        {t(`school.${school}.${side}` as 'school.strike.at-once')}
                        {side === usual ? ` (${t('rules.usual')})` : ''}
                      </span>
                      <span className="semi-narrow block text-[13px] leading-tight">
                        {t(`school.${school}.${side}-why` as 'school.strike.at-once-why')}
                      </span>
                    </span>
                  </label>
                ))}
              </div>
            </fieldset>
          </li>
        );
      })}
    </ul>
  );
}
