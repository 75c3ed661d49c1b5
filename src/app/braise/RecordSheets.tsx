'use client';

import { useState } from 'react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { POINTS, SCORES } from '../log/Scores';
import { asHeatMode, heatOptionList, lidWays } from '../plan/techniqueOptions';
import { HumidityField } from '../plan/HumidityField';
import { actSchema } from '@/contract/cook';
import { cautionFor } from '@/core/cautions';
import { type CookAct, type CookState, type CookView, type Verdict } from '@/core/cook';
import { donenessCue } from '@/core/steps';
import { cutById, type LidKind } from '@/core/larder';
import { heatMode, heatInstead, heatSays, MODES, sameHeat } from '@/core/choices';
import { type BegunPlan } from '@/core/plan';
import { DONENESS_STAGES } from '@/core/tenderness';
import { type Message, nameOf, noun, say, tempC as temperature } from '@/core/message';
import { Button } from '@/ui/controls/Button';
import { FieldRow } from '@/ui/controls/frame';
import { QuantityField } from '@/ui/controls/QuantityField';
import { OptionCards } from '@/ui/controls/OptionCards';
import { SelectField } from '@/ui/controls/SelectField';
import { Switch } from '@/ui/controls/Switch';
import { TextField } from '@/ui/controls/TextField';
import { useWords } from '@/ui/KitchenContext';
import { CautionNote, FaultNote } from '@/ui/controls/Panel';
import { ForkPicture } from '@/ui/drawings/ForkScale';
import { shapeFault } from '@/contract/shapeFault';

export interface SheetProps {
  readonly state: CookState;
  readonly plan: BegunPlan;
  /** The estimated liquid level now, mm. */
  readonly levelMm: number;
  readonly live: CookView['live'];
  /** `agoMin`: how long ago it happened; omitted for now. */
  readonly onRecord: (act: CookAct, agoMin?: number) => void;
}

const Stages = styled.div`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px;
`;

const StageButton = styled(AriaButton)`
  border: 2px solid var(--line);
  border-radius: 14px;
  background: var(--plate);
  padding: 8px 6px 10px;
  cursor: pointer;
  display: grid;
  justify-items: center;
  min-height: 128px;
  strong {
    font-size: 1.1875rem;
  }
  small {
    color: var(--mute);
    font-size: 0.875rem;
    line-height: 1.2;
    text-align: center;
  }
  &:hover {
    border-color: var(--glow);
  }
`;

export const SheetActions = styled.div`
  display: flex;
  gap: 10px;
  button {
    min-height: 52px;
    flex: 1;
  }
`;

/** The first contract fault of an act. */
function faultIn(act: CookAct): Message | undefined {
  const parsed = actSchema.safeParse(act);
  return parsed.success ? undefined : shapeFault(parsed.error);
}

/** Sends an act that fits the contract, or says why it does not. */
export function useSubmit(onRecord: (act: CookAct) => void): readonly [string | undefined, (act: CookAct) => void] {
  const w = useWords();
  const [fault, setFault] = useState<string>();
  const submit = (act: CookAct): void => {
    const found = faultIn(act);
    setFault(found && w.say(found));
    if (found === undefined) onRecord(act);
  };
  return [fault, submit];
}

export function ForkSheet({ plan, onRecord }: SheetProps) {
  const w = useWords();
  const cut = cutById(plan.cutId);
  return (
    <>
      <p>
        {w.text('record.fork.how', {
          piece: noun(cut.pieceNoun, 1),
          sign: donenessCue(plan.cutId, plan.forecast.target),
        })}
      </p>
      <Stages>
        {DONENESS_STAGES.map((stage) => (
          <StageButton
            key={stage}
            onPress={() => {
              onRecord({ kind: 'fork', stage });
            }}
          >
            <ForkPicture stage={stage} size={64} />
            <strong>{w.label('stage', stage)}</strong>
            <small>{w.text(`stage.${stage}.feel`)}</small>
          </StageButton>
        ))}
      </Stages>
      <CautionNote>{w.say(cautionFor('open', plan.input.keeping.rule))}</CautionNote>
    </>
  );
}

export function ProbeSheet({ plan, onRecord }: SheetProps) {
  const w = useWords();
  const [tempC, setTempC] = useState(85);
  const [nearBone, setNearBone] = useState(false);
  const [fault, submit] = useSubmit(onRecord);
  const cut = cutById(plan.cutId);
  return (
    <>
      <p>{w.text('record.probe.how', { piece: noun(cut.pieceNoun, 1) })}</p>
      <QuantityField
        label={w.text('recordSheets.reading')}
        dimension="temperature"
        value={tempC}
        error={fault}
        onChange={setTempC}
      />
      <Switch value={nearBone} onChange={setNearBone}>
        {w.text('recordSheets.theTipWasNearBone')}
      </Switch>
      <CautionNote>
        {w.text(cut.restMinutes > 0 ? 'record.probe.safeAndRest' : 'record.probe.safe', {
          least: temperature(cut.minSafeTempC),
          rest: { as: 'minutes', value: cut.restMinutes },
          care: cautionFor('open', plan.input.keeping.rule),
        })}
      </CautionNote>
      <SheetActions>
        <Button
          $tone="main"
          onPress={() => {
            submit({ kind: 'probe', tempC, nearBone });
          }}
        >
          {w.text('recordSheets.recordTheReading')}
        </Button>
      </SheetActions>
    </>
  );
}

export function LiquidSheet({ levelMm, plan, onRecord }: SheetProps) {
  const w = useWords();
  const [shown, setShown] = useState(Math.round(levelMm));
  const [simmering, setSimmering] = useState(true);
  const [addedL, setAddedL] = useState(0);
  const [hot, setHot] = useState(true);
  const [fault, submit] = useSubmit(onRecord);
  return (
    <>
      <p>{w.text('recordSheets.dipACleanWoodenSpoon', { level: w.quantity(levelMm, 'length') })}</p>
      <FieldRow>
        <QuantityField label={w.text('recordSheets.depth')} dimension="length" value={shown} onChange={setShown} />
        <QuantityField label={w.text('recordSheets.added')} dimension="volume" value={addedL} onChange={setAddedL} />
      </FieldRow>
      <Switch value={simmering} onChange={setSimmering}>
        {w.text('recordSheets.lazyBubbles')}
      </Switch>
      {addedL > 0 ? (
        <Switch value={hot} onChange={setHot}>
          {w.text('recordSheets.whatIAddedWasBoiling')}
        </Switch>
      ) : null}
      {fault === undefined ? null : <FaultNote role="alert">{fault}</FaultNote>}
      <CautionNote>
        {w.text('recordSheets.thePotIsDeep', {
          cautionFor: w.say(cautionFor('open', plan.input.keeping.rule)),
          height: w.quantity(plan.pot.heightMm, 'length'),
        })}
      </CautionNote>
      <SheetActions>
        <Button
          $tone="main"
          onPress={() => {
            submit({ kind: 'liquid', levelMm: shown, simmering, addedL, addedTempC: hot ? 95 : 20 });
          }}
        >
          {w.text('recordSheets.recordTheLevel')}
        </Button>
      </SheetActions>
    </>
  );
}

export function HeatSheet({ state, onRecord }: SheetProps) {
  const w = useWords();
  const [heat, setHeat] = useState(state.heat);
  const mode = heatMode(heat);
  const { tempC } = heat;
  const [lid, setLid] = useState<LidKind>(state.lid);
  const [low, high] = MODES[mode].limitsC;
  const bad = !(tempC >= low && tempC <= high);
  const next = state.stages[1];
  const moves = next && !sameHeat(next.heat, state.heat);
  return (
    <>
      {next ? (
        <SheetActions>
          <Button
            $tone="main"
            onPress={() => {
              onRecord(moves ? { kind: 'heat', heat: next.heat } : { kind: 'lid', lid: next.lid });
            }}
          >
            {w.title(say('change.both', { heat: heatSays(next.heat), lid: nameOf('lid', next.lid) }))}
          </Button>
        </SheetActions>
      ) : null}
      <OptionCards
        label={w.text('common.where')}
        value={mode}
        ways={heatOptionList(w)}
        onChange={(id) => {
          setHeat(heatInstead(heat, asHeatMode(id)));
        }}
      />
      <QuantityField
        label={w.text(`field.heat.${mode}`)}
        dimension="temperature"
        value={tempC}
        error={bad ? w.text('record.heat.limits', { limits: { as: 'temperature', low, high } }) : undefined}
        onChange={(to) => {
          setHeat({ ...heat, tempC: to });
        }}
      />
      <HumidityField heat={heat} onChange={setHeat} />
      <SheetActions>
        <Button
          $tone="main"
          isDisabled={bad}
          onPress={() => {
            onRecord({ kind: 'heat', heat });
          }}
        >
          {w.text('recordSheets.recordTheHeat')}
        </Button>
      </SheetActions>
      <SelectField
        label={w.text('common.lid')}
        value={lid}
        sections={[{ options: lidWays(w).map((s) => ({ id: s.id, label: s.name, why: s.why })) }]}
        onChange={(id) => {
          setLid(id as LidKind);
        }}
      />
      <SheetActions>
        <Button
          isDisabled={lid === state.lid}
          onPress={() => {
            onRecord({ kind: 'lid', lid });
          }}
        >
          {w.text('recordSheets.recordTheLid')}
        </Button>
      </SheetActions>
    </>
  );
}

export function NoteSheet({ onRecord }: SheetProps) {
  const w = useWords();
  const [text, setText] = useState('');
  const [fault, submit] = useSubmit(onRecord);
  return (
    <>
      <TextField
        label={w.text('recordSheets.note')}
        multiline
        autoFocus
        value={text}
        error={fault}
        maxLength={500}
        onChange={setText}
      />
      <SheetActions>
        <Button
          $tone="main"
          onPress={() => {
            submit({ kind: 'note', text });
          }}
        >
          {w.text('recordSheets.keepTheNote')}
        </Button>
      </SheetActions>
    </>
  );
}

export function FinishSheet({ plan, onRecord }: SheetProps) {
  const w = useWords();
  const [verdict, setVerdict] = useState<Verdict>({ tenderness: 0, moisture: 0, sauce: 0, salt: 0, nextTime: '' });
  const [fault, setFault] = useState<string>();
  const finish = (): void => {
    const missing = SCORES.find((s) => verdict[s] === 0);
    if (missing !== undefined) {
      setFault(w.text('record.finished.missing', { question: say(`score.${missing}.ask`) }));
      return;
    }
    const found = faultIn({ kind: 'finished', verdict });
    setFault(found && w.say(found));
    if (found === undefined) onRecord({ kind: 'finished', verdict });
  };
  return (
    <>
      {SCORES.map((s) => (
        <OptionCards
          key={s}
          label={w.text(`score.${s}.ask`)}
          columns={5}
          value={String(verdict[s])}
          ways={POINTS.map((p) => ({ id: String(p), name: w.text(`score.${s}.${p}`), why: '' }))}
          onChange={(id) => {
            setVerdict((v) => ({ ...v, [s]: Number(id) }));
          }}
        />
      ))}
      <TextField
        label={w.text('recordSheets.oneLineForNextTime')}
        value={verdict.nextTime}
        maxLength={500}
        onChange={(nextTime) => {
          setVerdict((v) => ({ ...v, nextTime }));
        }}
      />
      {fault === undefined ? null : <FaultNote role="alert">{fault}</FaultNote>}
      <CautionNote>{w.say(cautionFor('store', plan.input.keeping.rule))}</CautionNote>
      <SheetActions>
        <Button $tone="main" onPress={finish}>
          {w.text('recordSheets.finishAndLogIt')}
        </Button>
      </SheetActions>
    </>
  );
}
