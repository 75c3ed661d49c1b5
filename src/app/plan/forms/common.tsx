'use client';

import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { type Kitchen } from '@/contract/plan';
import { cautionFor, type CareStep } from '@/core/care/cautions';
import { type Kind } from '@/core/kinds/kinds';
import { type PlanFault, type PlanInput } from '@/core/plan/input';
import { type Plan } from '@/core/plan/plan';
import { type Choice, habit, type SchoolId, SCHOOLS } from '@/core/plan/schools';
import { SelectField } from '@/ui/controls/SelectField';
import { CautionNote } from '@/ui/controls/Panel';
import { useSay } from '@/ui/KitchenContext';

export interface FormProps {
  readonly kitchen: Kitchen;
  readonly input: PlanInput;
  readonly plan: Plan | undefined;
  readonly faults: readonly PlanFault[];
  readonly timeZone: string;
  readonly change: (part: Partial<PlanInput>) => void;
  /** Makes an option this kitchen's own way from now on. */
  readonly keepHabit: (school: SchoolId, option: string) => void;
  readonly keepKind: (kind: Kind) => void;
  readonly dropKind: (id: string) => void;
}

export function faultOf(faults: readonly PlanFault[], field: string): string | undefined {
  return faults.find((f) => f.field === field)?.message;
}

export function Care({ step }: { step: CareStep }) {
  const say = useSay();
  return <CautionNote>{say(cautionFor(step).text)}</CautionNote>;
}

/** A small heading within a form. */
export const FormHead = styled.h2`
  font-size: 15px;
  padding-top: 8px;
  border-top: 1px solid var(--line);
`;

/** A quiet text button. */
export const TextButton = styled(AriaButton)`
  border: 0;
  background: none;
  padding: 4px 0;
  min-height: 28px;
  color: var(--ink);
  text-decoration: underline;
  text-underline-offset: 3px;
  font-size: 14px;
  cursor: pointer;
  text-align: left;
  &[data-disabled] {
    color: var(--mute);
    cursor: default;
  }
`;

const Why = styled.p`
  && {
    font-size: 13.5px;
    color: var(--mute);
    line-height: 1.3;
    margin-top: 4px;
  }
`;

interface SchoolFieldProps<Id extends SchoolId> extends Pick<FormProps, 'kitchen' | 'keepHabit'> {
  readonly school: Id;
  readonly value: Choice<Id>;
  readonly onChange: (option: Choice<Id>) => void;
}

/** One of the ways cooks differ: its options with why, ours and this kitchen's own marked, and a way to make one ours. */
export function SchoolField<Id extends SchoolId>({
  school,
  value,
  kitchen,
  keepHabit,
  onChange,
}: SchoolFieldProps<Id>) {
  const { label, options, usual } = SCHOOLS[school];
  const say = useSay();
  const own = habit(kitchen.habits, school);
  const chosen = options.find((o) => o.id === value);
  const mark = (id: string): string => (id === own && own !== usual ? ' · yours' : id === usual ? ' · usual' : '');
  return (
    <div>
      <SelectField
        label={label}
        value={value}
        sections={[{ options: options.map((o) => ({ id: o.id, label: o.name + mark(o.id), why: say(o.why) })) }]}
        onChange={(id) => {
          onChange(id as Choice<Id>);
        }}
      />
      <Why>
        {say(chosen?.why ?? '')}.{' '}
        {value === own ? null : (
          <TextButton
            onPress={() => {
              keepHabit(school, value);
            }}
          >
            Make this our way
          </TextButton>
        )}
      </Why>
    </div>
  );
}

/** Rows of a list inside a form, each with something to take it out. */
export const Rows = styled.ul`
  display: grid;
  gap: 8px;
  > li {
    display: grid;
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

export const IconButton = styled(AriaButton)`
  width: 32px;
  height: 32px;
  border: 0;
  border-radius: 8px;
  background: none;
  display: grid;
  place-items: center;
  cursor: pointer;
  color: var(--mute);
  flex: none;
  &:hover {
    background: var(--well);
    color: var(--ink);
  }
`;

/** A folded part of a form. */
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
