'use client';

import { useState } from 'react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { SCORE_WORDS, SCORES } from '../log/Scores';
import { asHeatMode, HEAT_SCHOOLS, LID_SCHOOLS } from '../plan/schools';
import { actSchema } from '@/contract/cook';
import { cautionFor } from '@/core/care/cautions';
import { type CookAct, type Verdict } from '@/core/cook/events';
import { type CookState } from '@/core/cook/state';
import { cutById } from '@/core/larder/cuts';
import { type LidKind } from '@/core/larder/vessels';
import { heatMode, heatOf, MODES } from '@/core/plan/heats';
import { type Plan } from '@/core/plan/plan';
import { STAGE_WORDS, STAGES } from '@/core/tenderness/stages';
import { Button } from '@/ui/controls/Button';
import { FieldRow } from '@/ui/controls/frame';
import { QuantityField } from '@/ui/controls/QuantityField';
import { Schools } from '@/ui/controls/Schools';
import { SelectField } from '@/ui/controls/SelectField';
import { Switch } from '@/ui/controls/Switch';
import { TextField } from '@/ui/controls/TextField';
import { useSay, useUnits } from '@/ui/KitchenContext';
import { formatLength } from '@/core/quantity/format';
import { CautionNote, FaultNote } from '@/ui/controls/Panel';
import { Sheet } from '@/ui/controls/Sheet';
import { ForkPicture } from '@/ui/drawings/ForkScale';

export type SheetKind = 'fork' | 'probe' | 'liquid' | 'heat' | 'note' | 'finished';

interface SheetProps {
  readonly state: CookState;
  readonly plan: Plan;
  /** Where the estimate has the liquid now, mm. */
  readonly levelMm: number;
  readonly onRecord: (act: CookAct) => void;
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
    font-size: 19px;
  }
  small {
    color: var(--mute);
    font-size: 14px;
    line-height: 1.2;
    text-align: center;
  }
  &:hover {
    border-color: var(--glow);
  }
`;

const Actions = styled.div`
  display: flex;
  gap: 10px;
  button {
    min-height: 52px;
    flex: 1;
  }
`;

/** The first fault the contract finds in an act, as its sentence. */
function faultIn(act: CookAct): string | undefined {
  const parsed = actSchema.safeParse(act);
  return parsed.success ? undefined : parsed.error.issues[0]?.message;
}

function useSubmit(onRecord: (act: CookAct) => void): readonly [string | undefined, (act: CookAct) => void] {
  const say = useSay();
  const [fault, setFault] = useState<string>();
  const submit = (act: CookAct): void => {
    const found = faultIn(act);
    setFault(found === undefined ? undefined : say(found));
    if (found === undefined) onRecord(act);
  };
  return [fault, submit];
}

function ForkSheet({ plan, onRecord }: SheetProps) {
  const cut = cutById(plan.cutId);
  return (
    <>
      <p>
        Push a fork into the thickest {cut.pieceNoun} and try to turn it. Ready: {cut.donenessSign}.
      </p>
      <Stages>
        {STAGES.map((stage) => (
          <StageButton
            key={stage}
            onPress={() => {
              onRecord({ kind: 'fork', stage });
            }}
          >
            <ForkPicture stage={stage} size={64} />
            <strong>{STAGE_WORDS[stage].name}</strong>
            <small>{STAGE_WORDS[stage].feel}</small>
          </StageButton>
        ))}
      </Stages>
      <CautionNote>{cautionFor('open').text}</CautionNote>
    </>
  );
}

function ProbeSheet({ plan, onRecord }: SheetProps) {
  const say = useSay();
  const [tempC, setTempC] = useState(85);
  const [nearBone, setNearBone] = useState(false);
  const [fault, submit] = useSubmit(onRecord);
  const cut = cutById(plan.cutId);
  return (
    <>
      <p>Into the middle of the thickest {cut.pieceNoun}. A hint, not the test: the fork decides.</p>
      <QuantityField label="Reading" dimension="temperature" value={tempC} error={fault} onChange={setTempC} />
      <Switch value={nearBone} onChange={setNearBone}>
        the tip was near bone
      </Switch>
      <CautionNote>
        {say(
          `Safe and tender are two things: at least ${String(cut.minSafeTempC)} °C in the middle${cut.restMinutes > 0 ? ` and ${String(cut.restMinutes)} min of rest` : ''}. Wash the probe. ${cautionFor('open').text}`,
        )}
      </CautionNote>
      <Actions>
        <Button
          $tone="main"
          onPress={() => {
            submit({ kind: 'probe', tempC, nearBone });
          }}
        >
          Record the reading
        </Button>
      </Actions>
    </>
  );
}

function LiquidSheet({ levelMm, plan, onRecord }: SheetProps) {
  const units = useUnits();
  const [shown, setShown] = useState(Math.round(levelMm));
  const [simmering, setSimmering] = useState(true);
  const [addedL, setAddedL] = useState(0);
  const [hot, setHot] = useState(true);
  const [fault, submit] = useSubmit(onRecord);
  return (
    <>
      <p>
        Dip a clean wooden spoon to the base and read how far it is wet. By the estimate: {formatLength(levelMm, units)}
        .
      </p>
      <FieldRow>
        <QuantityField label="Depth" dimension="length" value={shown} onChange={setShown} />
        <QuantityField label="Added" dimension="volume" value={addedL} onChange={setAddedL} />
      </FieldRow>
      <Switch value={simmering} onChange={setSimmering}>
        lazy bubbles
      </Switch>
      {addedL > 0 ? (
        <Switch value={hot} onChange={setHot}>
          what I added was boiling hot
        </Switch>
      ) : null}
      {fault === undefined ? null : <FaultNote role="alert">{fault}</FaultNote>}
      <CautionNote>
        {cautionFor('open').text} The pot is {formatLength(plan.pot.heightMm, units)} deep.
      </CautionNote>
      <Actions>
        <Button
          $tone="main"
          onPress={() => {
            submit({ kind: 'liquid', levelMm: shown, simmering, addedL, addedTempC: hot ? 95 : 20 });
          }}
        >
          Record the level
        </Button>
      </Actions>
    </>
  );
}

function HeatSheet({ state, onRecord }: SheetProps) {
  const say = useSay();
  const { heat } = state;
  const [mode, setMode] = useState(heatMode(heat));
  const [tempC, setTempC] = useState(heat.tempC);
  const [lid, setLid] = useState<LidKind>(state.lid);
  const [low, high] = MODES[mode].limitsC;
  const bad = !(tempC >= low && tempC <= high);
  return (
    <>
      <Schools
        label="Where"
        value={mode}
        schools={HEAT_SCHOOLS}
        onChange={(id) => {
          const next = asHeatMode(id);
          setMode(next);
          if (MODES[next].place !== MODES[mode].place || next === 'steamOven') setTempC(MODES[next].usualC);
        }}
      />
      <QuantityField
        label={MODES[mode].setTo}
        dimension="temperature"
        value={tempC}
        error={bad ? say(`Temperature: from ${String(low)} °C to ${String(high)} °C here.`) : undefined}
        onChange={setTempC}
      />
      <Actions>
        <Button
          $tone="main"
          isDisabled={bad}
          onPress={() => {
            onRecord({
              kind: 'heat',
              heat: heatOf(mode, tempC),
            });
          }}
        >
          Record the heat
        </Button>
      </Actions>
      <SelectField
        label="Lid"
        value={lid}
        sections={[{ options: LID_SCHOOLS.map((s) => ({ id: s.id, label: s.name, why: s.why })) }]}
        onChange={(id) => {
          setLid(id as LidKind);
        }}
      />
      <Actions>
        <Button
          isDisabled={lid === state.lid}
          onPress={() => {
            onRecord({ kind: 'lid', lid });
          }}
        >
          Record the lid
        </Button>
      </Actions>
    </>
  );
}

function NoteSheet({ onRecord }: SheetProps) {
  const [text, setText] = useState('');
  const [fault, submit] = useSubmit(onRecord);
  return (
    <>
      <TextField label="Note" multiline value={text} error={fault} maxLength={500} onChange={setText} />
      <Actions>
        <Button
          $tone="main"
          onPress={() => {
            submit({ kind: 'note', text });
          }}
        >
          Keep the note
        </Button>
      </Actions>
    </>
  );
}

const QUESTIONS: Readonly<Record<(typeof SCORES)[number], string>> = {
  tenderness: 'How tender?',
  moisture: 'How moist?',
  sauce: 'The sauce?',
  salt: 'The salt?',
};

function FinishSheet({ onRecord }: SheetProps) {
  const say = useSay();
  const [verdict, setVerdict] = useState<Verdict>({ tenderness: 0, moisture: 0, sauce: 0, salt: 0, nextTime: '' });
  const [fault, setFault] = useState<string>();
  const finish = (): void => {
    const missing = SCORES.find((s) => verdict[s] === 0);
    if (missing !== undefined) {
      setFault(`${QUESTIONS[missing]} Choose one of the five, then finish.`);
      return;
    }
    const found = faultIn({ kind: 'finished', verdict });
    setFault(found);
    if (found === undefined) onRecord({ kind: 'finished', verdict });
  };
  return (
    <>
      {SCORES.map((s) => (
        <Schools
          key={s}
          label={QUESTIONS[s]}
          columns={5}
          value={String(verdict[s])}
          schools={SCORE_WORDS[s].map((word, i) => ({ id: String(i + 1), name: word, why: '' }))}
          onChange={(id) => {
            setVerdict((v) => ({ ...v, [s]: Number(id) }));
          }}
        />
      ))}
      <TextField
        label="One line for next time"
        value={verdict.nextTime}
        maxLength={500}
        onChange={(nextTime) => {
          setVerdict((v) => ({ ...v, nextTime }));
        }}
      />
      {fault === undefined ? null : <FaultNote role="alert">{fault}</FaultNote>}
      <CautionNote>{say(cautionFor('store').text)}</CautionNote>
      <Actions>
        <Button $tone="main" onPress={finish}>
          Finish and log it
        </Button>
      </Actions>
    </>
  );
}

const SHEETS: Readonly<
  Record<SheetKind, { readonly title: string; readonly Body: (props: SheetProps) => React.ReactNode }>
> = {
  fork: { title: 'How does the fork feel?', Body: ForkSheet },
  probe: { title: 'What does the probe say?', Body: ProbeSheet },
  liquid: { title: 'Where is the liquid?', Body: LiquidSheet },
  heat: { title: 'Heat and lid', Body: HeatSheet },
  note: { title: 'Note', Body: NoteSheet },
  finished: { title: 'How did it come out?', Body: FinishSheet },
};

/** The sheet of one kind of record; closes itself when something has been recorded. */
export function RecordSheet({
  kind,
  ...props
}: SheetProps & { readonly kind: SheetKind | undefined; readonly onClose: () => void }) {
  const sheet = kind === undefined ? undefined : SHEETS[kind];
  return (
    <Sheet title={sheet?.title ?? ''} isOpen={sheet !== undefined} onClose={props.onClose}>
      {sheet ? (
        <sheet.Body
          {...props}
          onRecord={(act) => {
            props.onRecord(act);
            props.onClose();
          }}
        />
      ) : null}
    </Sheet>
  );
}
