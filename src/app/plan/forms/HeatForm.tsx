'use client';

import { Plus, Trash2 } from 'lucide-react';
import { Care, faultOf, Fold, FormHead, type FormProps, Rows } from './common';
import { HumidityField } from '../HumidityField';
import { asHeatMode, heatSections, lidSections } from '../techniqueOptions';
import { LIMITS, type HeatPhase, heatInstead, heatMode, heatOf, MODES, modesOf, type StageUntil } from '@/core/choices';
import { type LidKind, LIDS } from '@/core/larder';
import { say } from '@/core/message';
import { M_PER_FOOT } from '@/core/quantity';
import { TARGET_STAGES } from '@/core/tenderness';
import { FieldRow } from '@/ui/controls/frame';
import { NumberField } from '@/ui/controls/NumberField';
import { CautionNote, Mute } from '@/ui/controls/Panel';
import { QuantityField } from '@/ui/controls/QuantityField';
import { ChoiceField } from '@/ui/controls/ChoiceField';
import { SelectField } from '@/ui/controls/SelectField';
import { Switch } from '@/ui/controls/Switch';
import { IconButton, TextButton } from '@/ui/controls/Button';
import { useUnits, useWords } from '@/ui/KitchenContext';
import { type Words } from '@/words/words';

const UNTILS = ['minutes', 'before', 'left', 'stage'] as const;

/** How long a phase lasts when it is first offered. */
const FIRST_UNTIL: Readonly<Record<(typeof UNTILS)[number], StageUntil>> = {
  minutes: { kind: 'minutes', minutes: 60 },
  before: { kind: 'before', minutes: 60 },
  left: { kind: 'left', litres: 0.6 },
  stage: { kind: 'stage', stage: 'gives' },
};

interface Addition {
  readonly id: 'hobFirst' | 'lower' | 'lidOff';
  readonly course: readonly HeatPhase[];
}

/** Phases cooks usually add, each based on the current schedule. */
function additions(course: readonly HeatPhase[]): readonly Addition[] {
  const first = course[0];
  const last = course.at(-1);
  if (!first || !last || course.length >= LIMITS.stages[1]) return [];
  const before = course.slice(0, -1);
  const { heat } = last;
  return [
    ...(first.heat.kind === 'simmer'
      ? []
      : [
          {
            id: 'hobFirst' as const,
            course: [
              { heat: heatOf('simmer', MODES.simmer.usualC), lid: first.lid, until: { kind: 'minutes', minutes: 15 } },
              ...course,
            ] as const,
          },
        ]),
    ...(MODES[heatMode(heat)].turnsDown
      ? [
          {
            id: 'lower' as const,
            course: [
              ...before,
              { ...last, until: { kind: 'minutes', minutes: 60 } },
              { ...last, heat: { ...heat, tempC: Math.max(MODES[heatMode(heat)].limitsC[0], heat.tempC - 20) } },
            ] as const,
          },
        ]
      : []),
    ...(last.lid === 'none'
      ? []
      : [
          {
            id: 'lidOff' as const,
            course: [...before, { ...last, until: { kind: 'before', minutes: 60 } }, { ...last, lid: 'none' }] as const,
          },
        ]),
  ];
}

function UntilFields({
  w,
  stage,
  number,
  error,
  onChange,
}: {
  readonly w: Words;
  readonly stage: HeatPhase;
  readonly number: number;
  readonly error: string | undefined;
  readonly onChange: (until: StageUntil) => void;
}) {
  const { until } = stage;
  return (
    <>
      <ChoiceField
        label={w.text('heatForm.until', { number })}
        value={UNTILS.find((kind) => kind === until.kind) ?? ''}
        ids={UNTILS}
        name={(id) => w.text(`heatForm.until.${id}`)}
        error={until.kind === 'stage' ? error : undefined}
        onChange={(kind) => {
          onChange(FIRST_UNTIL[kind]);
        }}
      />
      {until.kind === 'minutes' || until.kind === 'before' ? (
        <NumberField
          label={w.text('heatForm.minutes')}
          unit={w.text('heatForm.min')}
          step={5}
          value={until.minutes}
          error={error}
          onChange={(minutes) => {
            onChange({ ...until, minutes });
          }}
        />
      ) : until.kind === 'left' ? (
        <QuantityField
          label={w.text('heatForm.left')}
          dimension="volume"
          value={until.litres}
          error={error}
          onChange={(litres) => {
            onChange({ ...until, litres });
          }}
        />
      ) : until.kind === 'stage' ? (
        <ChoiceField
          label={w.text('heatForm.forkFinds')}
          value={until.stage}
          ids={TARGET_STAGES}
          name={(id) => w.title(say(`stage.${id}`))}
          onChange={(stageId) => {
            onChange({ kind: 'stage', stage: stageId });
          }}
        />
      ) : null}
    </>
  );
}

export function HeatForm({ kitchen, input, faults, change }: FormProps) {
  const w = useWords();
  const { course, bare } = input;
  const feet = useUnits().weight === 'us';
  const fault = faultOf(w, faults, 'course');
  const modes = modesOf(kitchen);
  const set = (index: number, part: Partial<HeatPhase>): void => {
    change({ course: course.map((s, i) => (i === index ? { ...s, ...part } : s)) });
  };
  const leaveOut = (index: number): void => {
    const rest = course.filter((_, i) => i !== index);
    change({ course: rest.map((s, i) => (i === rest.length - 1 ? { ...s, until: { kind: 'end' } } : s)) });
  };
  const cares = [...new Set(course.map((s) => MODES[heatMode(s.heat)].care))];
  return (
    <>
      {fault === undefined ? null : <CautionNote role="alert">{fault}</CautionNote>}
      <Rows aria-label={w.text('heatForm.stages')}>
        {course.map((stage, i) => {
          const mode = heatMode(stage.heat);
          const number = i + 1;
          const last = i === course.length - 1;
          return (
            <li key={i}>
              {course.length > 1 ? (
                <div>
                  {w.text('heatForm.stage', { number })}
                  <IconButton
                    aria-label={w.text('heatForm.leaveOut', { number })}
                    onPress={() => {
                      leaveOut(i);
                    }}
                  >
                    <Trash2 size={17} aria-hidden />
                  </IconButton>
                </div>
              ) : null}
              <FieldRow as="section">
                <SelectField
                  label={w.text('common.where')}
                  value={mode}
                  sections={heatSections(w, modes)}
                  onChange={(id) => {
                    set(i, { heat: heatInstead(stage.heat, asHeatMode(id)) });
                  }}
                />
                <QuantityField
                  label={w.text(`field.heat.${mode}`)}
                  dimension="temperature"
                  value={stage.heat.tempC}
                  error={faultOf(w, faults, `course.${i}.heat.tempC`)}
                  onChange={(tempC) => {
                    set(i, { heat: { ...stage.heat, tempC } });
                  }}
                />
              </FieldRow>
              <HumidityField
                heat={stage.heat}
                onChange={(heat) => {
                  set(i, { heat });
                }}
              />
              <SelectField
                label={w.text('common.lid')}
                value={stage.lid}
                sections={lidSections(w, input.pot)}
                onChange={(lid) => {
                  if (lid in LIDS) set(i, { lid: lid as LidKind });
                }}
              />
              {last ? (
                course.length > 1 ? (
                  <Mute>{w.text('heatForm.toTheEnd')}</Mute>
                ) : null
              ) : (
                <UntilFields
                  w={w}
                  stage={stage}
                  number={number}
                  error={faultOf(w, faults, `course.${i}.until`)}
                  onChange={(until) => {
                    set(i, { until });
                  }}
                />
              )}
            </li>
          );
        })}
      </Rows>
      <div>
        {additions(course).map((a) => (
          <div key={a.id}>
            <TextButton
              onPress={() => {
                change({ course: a.course });
              }}
            >
              <Plus size={15} aria-hidden /> {w.text(`heatForm.add.${a.id}`)}
            </TextButton>
          </div>
        ))}
      </div>
      {cares.map((step) => (
        <Care key={step} step={step} input={input} />
      ))}
      <FormHead>{w.text('heatForm.beforeThePot')}</FormHead>
      <Switch
        value={bare !== null}
        onChange={(on) => {
          change({ bare: on ? { minutes: 120, tempC: 110, smoke: true } : null });
        }}
      >
        {w.text('heatForm.bareFirst')}
      </Switch>
      {bare === null ? null : (
        <>
          <Switch
            value={bare.smoke}
            onChange={(smoke) => {
              change({ bare: { ...bare, smoke } });
            }}
          >
            {w.text('heatForm.smoke')}
          </Switch>
          <FieldRow>
            <NumberField
              label={w.text('heatForm.minutes')}
              unit={w.text('heatForm.min')}
              step={15}
              value={bare.minutes}
              error={faultOf(w, faults, 'bare.minutes')}
              onChange={(minutes) => {
                change({ bare: { ...bare, minutes } });
              }}
            />
            <QuantityField
              label={w.text('heatForm.bareAt')}
              dimension="temperature"
              value={bare.tempC}
              error={faultOf(w, faults, 'bare.tempC')}
              onChange={(tempC) => {
                change({ bare: { ...bare, tempC } });
              }}
            />
          </FieldRow>
          <Care step="bare" input={input} />
        </>
      )}
      <Fold>
        <summary>{w.text('heatForm.heightAboveTheSea')}</summary>
        <div>
          <NumberField
            label={w.text('heatForm.heightAboveTheSea')}
            unit={feet ? 'ft' : 'm'}
            step={feet ? 100 : 50}
            value={feet ? Math.round(input.altitudeM / M_PER_FOOT) : input.altitudeM}
            error={faultOf(w, faults, 'altitudeM')}
            onChange={(height) => {
              change({ altitudeM: feet ? height * M_PER_FOOT : height });
            }}
          />
          <Mute>{w.text('heatForm.higherUpWaterBoilsCooler')}</Mute>
        </div>
      </Fold>
    </>
  );
}
