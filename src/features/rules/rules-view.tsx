'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { DraftBar } from '@/features/fields/draft-bar';
import { failureText } from '@/i18n/problem-text';
import type { TrialRule } from '@/domain/trials/trial-document';
import type { ReadHouse } from '@/server/house/house';
import { useI18n } from '@/i18n/client';
import { Anglers } from './anglers';
import { BrokenEntries, Conflicts } from './conflicts';
import { BrowserForm } from './browser-form';
import { ClassTable } from './class-table';
import { CraftForms } from './craft-forms';
import { SchoolList } from './school-list';
import { SheetForm } from './sheet-form';
import { TrialRules } from './trial-rules';
import { useHouse } from './use-house';

const HelpPanel = dynamic(() => import('@/features/fields/help-panel').then((m) => m.HelpPanel), {
  loading: () => null,
});

const SECTIONS = ['schools', 'sheet', 'angler', 'crafts', 'classes', 'knots', 'browser'] as const;
type Section = (typeof SECTIONS)[number];

const NOTES = {
  schools: 'schoolsNote',
  sheet: 'sheetNote',
  angler: 'anglerNote',
  crafts: null,
  classes: 'classesNote',
  knots: 'knotsNote',
  browser: 'browserNote',
} as const satisfies Record<Section, string | null>;

/** What the bench holds to, section by section; every change is kept by itself. */
export function RulesView({
  initial,
  trialRules,
}: {
  readonly initial: ReadHouse;
  readonly trialRules: readonly TrialRule[];
}) {
  const { t } = useI18n();
  const bench = useHouse(initial);
  const { shown: house, change, keeping } = bench;
  const [section, setSection] = useState<Section>('schools');
  const [help, setHelp] = useState(false);
  const note = NOTES[section];
  return (
    <main
      id="main"
      tabIndex={-1}
      className="mx-auto grid max-w-6xl gap-4 px-3 py-4 outline-none md:grid-cols-[11rem_minmax(0,1fr)]"
    >
      <div>
        <h1 className="narrow mb-2 text-[20px] font-semibold">{t('rules.title')}</h1>
        <nav aria-label={t('rules.title')} className="narrow flex flex-wrap gap-x-4 border-t border-ink md:flex-col">
          {SECTIONS.map((each) => (
            <button
              key={each}
              type="button"
              aria-pressed={each === section}
              onClick={() => setSection(each)}
              className="min-h-9 border-faint text-left text-[15px] text-dim hover:text-ink aria-pressed:font-semibold aria-pressed:text-ink md:border-b"
            >
              {t(`rules.${each}`)}
            </button>
          ))}
        </nav>
        <button
          type="button"
          onClick={() => setHelp(true)}
          className="narrow mt-2 min-h-9 text-left text-[14px] text-dim underline underline-offset-2 hover:text-ink"
        >
          {t('help.title')}
        </button>
        {help && <HelpPanel view="rules" open onOpenChange={setHelp} groups={[]} />}
        <p role="status" className="narrow mt-2 min-h-5 text-[13px]">
          {keeping === 'unchanged'
            ? ''
            : keeping === 'kept'
              ? t('rules.saved')
              : keeping === 'keeping'
                ? t('rules.saving')
                : t('rules.notKept', { why: failureText(t, keeping) })}
        </p>
      </div>
      <section aria-label={t(`rules.${section}`)} className="border border-ink bg-sheet p-3">
        <BrokenEntries bench={bench} />
        <Conflicts bench={bench} />
        {note && <p className="semi-narrow mb-2 max-w-[62ch] text-[14px] text-dim">{t(`rules.${note}`)}</p>}
        {section === 'schools' && <TrialRules rules={trialRules} />}
        {section === 'schools' && <SchoolList schools={house.schools} onSchools={(schools) => change({ schools })} />}
        {section === 'sheet' && <SheetForm sheet={house.sheet} onSheet={(sheet) => change({ sheet })} />}
        {section === 'angler' && <Anglers anglers={house.anglers} onAnglers={(anglers) => change({ anglers })} />}
        {section === 'crafts' && <CraftForms crafts={house.crafts} onCrafts={(crafts) => change({ crafts })} />}
        {section === 'classes' && (
          <ClassTable key="classes" edits={house.classes} onEdits={(classes) => change({ classes })} />
        )}
        {section === 'browser' && <BrowserForm />}
        {section === 'knots' && (
          <ClassTable
            key="knots"
            only={['knots', 'crimp']}
            edits={house.classes}
            onEdits={(classes) => change({ classes })}
          />
        )}
      </section>
      <DraftBar offer={bench.draft.offer} onTakeUp={bench.takeUpDraft} onThrowAway={bench.draft.throwAway} />
    </main>
  );
}
