'use client';

import styled from 'styled-components';
import { type Equipment, type Kitchen } from '@/contract/kitchen';
import { type CareStep, cautionFor } from '@/core/cautions';
import { type OwnKind } from '@/core/styles';
import {
  defaultChoice,
  type PlanFault,
  type PlanField,
  type PlanInput,
  type TechniqueOption,
  TECHNIQUES,
  type TechniqueTopic,
} from '@/core/choices';
import { type Plan } from '@/core/plan';
import { TextButton } from '@/ui/controls/Button';
import { ChoiceField } from '@/ui/controls/ChoiceField';
import { CautionNote } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';
import { type Words } from '@/words/words';
import { nameOf, ofRow } from '@/core/message';

export interface FormProps {
  readonly kitchen: Kitchen;
  readonly input: PlanInput;
  readonly plan: Plan | undefined;
  readonly faults: readonly PlanFault[];
  readonly timeZone: string;
  readonly change: (part: Partial<PlanInput>) => void;
  /** Makes an option the kitchen's usual choice. */
  readonly keepHabit: (topic: TechniqueTopic, way: string) => void;
  /** Saves an ingredient that is in no table. */
  readonly keepOwn: (id: string) => void;
  readonly keepKind: (kind: OwnKind) => void;
  readonly dropKind: (id: string) => void;
  /** Adds a pot, pan, oven or burner to the kitchen. */
  readonly keepThing: (thing: Equipment) => void;
}

export function faultOf(w: Words, faults: readonly PlanFault[], field: PlanField): string | undefined {
  const fault = faults.find((f) => f.field === field);
  return fault && w.say(fault.says);
}

export function Care({ step, input }: { step: CareStep; input: Pick<PlanInput, 'keeping'> }) {
  const w = useWords();
  return (
    <Fold>
      <summary>{w.text('caution.title')}</summary>
      <CautionNote>{w.say(cautionFor(step, input.keeping.rule))}</CautionNote>
    </Fold>
  );
}

/** A small heading within a form. */
export const FormHead = styled.h2`
  font-size: 0.9375rem;
  padding-top: 8px;
  border-top: 1px solid var(--line);
`;

interface WayFieldProps<Id extends TechniqueTopic> extends Pick<FormProps, 'kitchen' | 'keepHabit'> {
  readonly topic: Id;
  readonly value: TechniqueOption<Id>;
  readonly onChange: (option: TechniqueOption<Id>) => void;
}

/**
 * One technique with several options: each with why, ours and this kitchen's usual one marked, and a way to make one
 * the usual.
 */
export function WayField<Id extends TechniqueTopic>({ topic, value, kitchen, keepHabit, onChange }: WayFieldProps<Id>) {
  const { ways, usual } = TECHNIQUES[topic];
  const w = useWords();
  const own = defaultChoice(kitchen.habits, topic);
  const optionName = (id: string): string => {
    const name = w.title(nameOf('way', `${topic}.${id}`));
    if (id === own && own !== usual) return w.text('way.yours', { name });
    return id === usual ? w.text('way.usual', { name }) : name;
  };
  const whyOf = (id: string): string => w.say(ofRow('way', `${topic}.${id}`, 'why'));
  return (
    <div>
      <ChoiceField
        label={w.text(`ways.${topic}`)}
        value={value}
        ids={ways}
        name={optionName}
        why={whyOf}
        onChange={onChange}
      />
      {value === own ? null : (
        <TextButton
          onPress={() => {
            keepHabit(topic, value);
          }}
        >
          {w.text('common.makeThisOurWay')}
        </TextButton>
      )}
    </div>
  );
}

/** Rows of a list inside a form, each with a remove button. */
export const Rows = styled.ul`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 6px;
    padding: 8px;
    border: 1px solid var(--line);
    border-radius: 10px;
    background: var(--plate);
  }
  > li > div:first-child {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 8px;
    font-weight: 650;
  }
`;

/** A folded section of a form. */
export const Fold = styled.details`
  border-top: 1px solid var(--line);
  padding-top: 6px;
  > summary {
    cursor: pointer;
    font-weight: 650;
    padding: 6px 0;
  }
  > div {
    display: grid;
    gap: 12px;
    padding-top: 6px;
  }
`;
