'use client';

import { useState } from 'react';
import { lineProperties } from '@/core/tackle';
import { cableShock, hungCable, tripped } from '@/core/rig';
import { classesWith } from '@/core/tackle/defaults/classes';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { Answers, Caution, Fields, Figure, Note } from '@/features/fields/sheet';
import type { ToolProps } from './parts';

const SNUBBER_N_PER_M = 900;

/** A downrigger: where ball and sensor hang, what a tripped release leaves slack, and what the cable bears as the boat rolls. */
export function ReleaseTool({ main }: ToolProps) {
  const { t, format, number } = useI18n();
  const { presentation } = main.setup;
  const gear = presentation.kind === 'towed' && presentation.gear?.kind === 'downrigger' ? presentation.gear : null;
  const [cableM, setCable] = useState(gear?.cableM ?? 15);
  const [ballKg, setBall] = useState(gear?.ballKg ?? 3.6);
  const [diameterM, setDiameter] = useState(gear?.cableDiameterM ?? 0.9e-3);
  const [cable, setKind] = useState(gear?.cable ?? 'steel-cable');
  const [leadM, setLead] = useState(gear?.leadM ?? 8);
  const [speedMps, setSpeed] = useState(presentation.speedMps || 1);
  const [springM, setSpring] = useState(0.8);
  const [rollMps, setRoll] = useState(0.8);
  const [snubber, setSnubber] = useState<'none' | 'snubber'>('none');
  const classes = classesWith(main.setup.house?.classes);
  const line = lineProperties({ material: cable, diameterM }, classes);
  const hung = hungCable(
    {
      water: presentation.water,
      speedMps,
      current: presentation.kind === 'towed' ? presentation.layers : undefined,
      cableM,
      cable,
      cableDiameterM: diameterM,
      ballKg,
    },
    classes,
  );
  const slack = tripped({ depthM: hung.depthM, leadM, speedMps: Math.max(0.05, speedMps), rodSpringM: springM });
  const shock = cableShock({
    speedMps: rollMps,
    ballKg,
    eaN: line.eaN,
    strengthN: line.strengthN,
    cableM,
    ...(snubber === 'snubber' ? { snubberNpM: SNUBBER_N_PER_M } : {}),
  });
  return (
    <>
      <Fields>
        <Figure
          label={t('water.release.cable')}
          measure="distance"
          value={cableM}
          limits={{ min: 0.5, max: 150 }}
          onValue={setCable}
        />
        <Figure
          label={t('water.release.ball')}
          measure="bodyMass"
          value={ballKg}
          limits={{ min: 0.2, max: 15 }}
          onValue={setBall}
        />
        <Figure
          label={t('water.speed')}
          measure="speed"
          value={speedMps}
          limits={{ min: 0, max: 6 }}
          onValue={setSpeed}
        />
        <ChoiceField
          label={t('water.release.kind')}
          value={cable}
          options={(['steel-cable', 'braid'] as const).map((value) => ({ value, label: t(`word.${value}`) }))}
          onValueChange={setKind}
        />
        <Figure
          label={t('water.release.thick')}
          measure="diameter"
          value={diameterM}
          limits={{ min: 2e-4, max: 4e-3 }}
          onValue={setDiameter}
        />
        <Figure
          label={t('water.release.lead')}
          measure="distance"
          value={leadM}
          limits={{ min: 0.5, max: 150 }}
          onValue={setLead}
        />
      </Fields>
      <Answers
        rows={[
          [t('water.release.depth'), format(hung.depthM, 'depth'), 'ball-depth'],
          [t('water.release.layback'), `${format(hung.laybackM, 'distance')} · ${format(hung.angleRad, 'angle')}`],
          [t('water.release.short'), format(cableM - hung.depthM, 'depth')],
          [t('water.release.pull'), format(hung.tensionN, 'force')],
        ]}
      />
      <Note>{t('water.release.sensor')}</Note>
      <Fields>
        <Figure
          label={t('water.release.spring')}
          measure="distance"
          value={springM}
          limits={{ min: 0, max: 5 }}
          onValue={setSpring}
        />
        <Figure
          label={t('water.release.roll')}
          measure="speed"
          value={rollMps}
          limits={{ min: 0, max: 5 }}
          onValue={setRoll}
        />
        <ChoiceField
          label={t('water.release.between')}
          value={snubber}
          options={(['none', 'snubber'] as const).map((value) => ({ value, label: t(`water.release.${value}`) }))}
          onValueChange={setSnubber}
        />
      </Fields>
      <Answers
        rows={[
          [t('water.release.slack'), format(slack.slackM, 'distance'), 'trip-slack'],
          [t('water.release.takesRod'), format(slack.rodM, 'distance')],
          [t('water.release.takesBoat'), `${format(slack.boatM, 'distance')} · ${format(slack.tightS, 'time')}`],
          [
            t('water.release.half', { lead: format(leadM / 2, 'distance') }),
            `${format(slack.halfLead.slackM, 'distance')} · ${format(slack.halfLead.tightS, 'time')}`,
          ],
        ]}
      />
      <Answers
        rows={[
          [t('water.release.bears'), format(line.strengthN, 'force')],
          [t('water.release.shock'), `${format(shock.peakN, 'force')} · ${number(shock.margin, 1)} ×`],
          [
            t('water.release.near', { cable: format(shock.nearRail.cableM, 'distance') }),
            `${format(shock.nearRail.peakN, 'force')} · ${number(shock.nearRail.margin, 1)} ×`,
            'near-rail',
          ],
          [t('water.release.kinked'), `${number(shock.nearRail.margin / 2, 1)} ×`],
        ]}
      />
      <Caution>{t('water.release.caution')}</Caution>
    </>
  );
}
