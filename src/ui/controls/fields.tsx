'use client';

import { ChevronDown, Minus, Plus } from 'lucide-react';
import { type ReactNode } from 'react';
import { useThemeScope } from '../ThemeScope';
import {
  Button as AriaButton,
  FieldError,
  Group,
  Input,
  Label,
  ListBox,
  ListBoxItem,
  ListBoxSection,
  Header,
  NumberField as AriaNumberField,
  Popover,
  RadioButton,
  RadioField,
  RadioGroup,
  Select,
  SelectValue,
  Slider as AriaSlider,
  SliderThumb,
  SliderTrack,
  SwitchButton,
  SwitchField,
  TextArea as AriaTextArea,
  TextField as AriaTextField,
} from 'react-aria-components';
import styled from 'styled-components';

const LabelText = styled(Label)`
  display: block;
  font-size: 14px;
  color: var(--mute);
  margin-bottom: 4px;
`;

const ErrorText = styled(FieldError)`
  display: block;
  font-size: 14px;
  color: var(--danger);
  margin-top: 4px;
`;

const frame = `
  background: var(--plate);
  border: 2px solid var(--line);
  border-radius: 10px;
  min-height: 44px;
`;

const NumberGroup = styled(Group)`
  ${frame}
  display: flex;
  align-items: stretch;
  overflow: hidden;
  &[data-focus-within] {
    border-color: var(--glow);
  }
  &[data-invalid] {
    border-color: var(--danger);
  }
  input {
    flex: 1;
    min-width: 0;
    width: 100%;
    border: 0;
    background: none;
    padding: 0 4px;
    text-align: center;
    font-weight: 650;
    outline: none;
  }
  button {
    width: 38px;
    border: 0;
    background: var(--well);
    display: grid;
    place-items: center;
    cursor: pointer;
  }
  span {
    align-self: center;
    color: var(--mute);
    padding-right: 8px;
    font-size: 14px;
  }
`;

interface NumberFieldProps {
  readonly label: string;
  readonly unit?: string;
  readonly value: number;
  readonly step: number;
  readonly decimals?: number;
  readonly error?: string | undefined;
  readonly onChange: (value: number) => void;
}

/**
 * A number with its unit. It takes whatever is typed: what is allowed is for the caller to say, in `error`. An emptied
 * field gives NaN.
 */
export function NumberField({ label, unit, value, step, decimals = 0, error, onChange }: NumberFieldProps) {
  return (
    <AriaNumberField
      value={value}
      onChange={onChange}
      step={step}
      isInvalid={error !== undefined}
      commitBehavior="validate"
      formatOptions={{ maximumFractionDigits: decimals, useGrouping: false }}
    >
      <LabelText>{label}</LabelText>
      <NumberGroup>
        <AriaButton slot="decrement" aria-label={`${label}: less`}>
          <Minus size={16} aria-hidden />
        </AriaButton>
        <Input />
        {unit === undefined ? null : <span>{unit}</span>}
        <AriaButton slot="increment" aria-label={`${label}: more`}>
          <Plus size={16} aria-hidden />
        </AriaButton>
      </NumberGroup>
      <ErrorText>{error}</ErrorText>
    </AriaNumberField>
  );
}

const SelectButton = styled(AriaButton)`
  ${frame}
  width: 100%;
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  padding: 0 12px;
  text-align: left;
  cursor: pointer;
  font-weight: 650;
`;

const List = styled(Popover)`
  background: var(--plate);
  color: var(--ink);
  border: 2px solid var(--rim);
  border-radius: 12px;
  overflow: auto;
  padding: 6px;
  min-width: var(--trigger-width);
  box-shadow: 0 10px 30px rgb(7 18 22 / 30%);
`;

const Item = styled(ListBoxItem)`
  padding: 9px 12px;
  border-radius: 8px;
  cursor: pointer;
  outline: none;
  &[data-focused] {
    background: var(--well);
  }
  &[data-selected] {
    font-weight: 700;
  }
`;

const SectionHeader = styled(Header)`
  padding: 8px 12px 2px;
  color: var(--mute);
  font-size: 14px;
`;

export interface Option {
  readonly id: string;
  readonly label: string;
}

interface SelectFieldProps {
  readonly label: string;
  readonly value: string;
  readonly sections: readonly { readonly title?: string; readonly options: readonly Option[] }[];
  readonly error?: string | undefined;
  readonly onChange: (id: string) => void;
}

/** One of a list, in sections. */
export function SelectField({ label, value, sections, error, onChange }: SelectFieldProps) {
  const theme = useThemeScope();
  return (
    <Select
      value={value}
      onChange={(key) => {
        if (key !== null) onChange(String(key));
      }}
      isInvalid={error !== undefined}
    >
      <LabelText>{label}</LabelText>
      <SelectButton>
        <SelectValue />
        <ChevronDown size={18} aria-hidden />
      </SelectButton>
      <ErrorText>{error}</ErrorText>
      <List data-theme={theme}>
        <ListBox>
          {sections.map((section, i) => (
            <ListBoxSection key={section.title ?? i} aria-label={section.title ?? label}>
              {section.title === undefined ? null : <SectionHeader>{section.title}</SectionHeader>}
              {section.options.map((o) => (
                <Item key={o.id} id={o.id} textValue={o.label}>
                  {o.label}
                </Item>
              ))}
            </ListBoxSection>
          ))}
        </ListBox>
      </List>
    </Select>
  );
}

const Cards = styled(RadioGroup)<{ $columns: number }>`
  display: grid;
  grid-template-columns: repeat(${({ $columns }) => $columns}, minmax(0, 1fr));
  gap: 8px;
  @media (max-width: 640px) {
    grid-template-columns: repeat(${({ $columns }) => Math.min(2, $columns)}, minmax(0, 1fr));
  }
  > [data-schools-label] {
    grid-column: 1 / -1;
    margin: 0;
  }
`;

const Card = styled(RadioButton)`
  height: 100%;
  border: 2px solid var(--line);
  background: var(--plate);
  border-radius: 12px;
  padding: 9px 12px;
  cursor: pointer;
  display: block;
  min-height: 48px;
  strong {
    display: block;
  }
  small {
    display: block;
    color: var(--mute);
    font-size: 13px;
    line-height: 1.3;
  }
  &[data-selected] {
    background: var(--enamel);
    border-color: var(--glow);
    color: var(--on-enamel);
  }
  &[data-selected] small {
    color: var(--on-enamel-mute);
  }
  &[data-focus-visible] {
    outline: 3px solid var(--glow);
    outline-offset: 2px;
  }
`;

export interface School {
  readonly id: string;
  readonly name: string;
  readonly why: string;
  readonly isDefault?: boolean;
}

interface SchoolsProps {
  readonly label: string;
  readonly value: string;
  readonly schools: readonly School[];
  readonly columns?: number;
  readonly hideLabel?: boolean;
  readonly onChange: (id: string) => void;
}

/** Named ways of doing one thing, each with a line of why; the default is marked. */
export function Schools({
  label,
  value,
  schools,
  columns = schools.length,
  hideLabel = false,
  onChange,
}: SchoolsProps) {
  return (
    <Cards $columns={columns} value={value} onChange={onChange} aria-label={hideLabel ? label : undefined}>
      {hideLabel ? null : <LabelText data-schools-label>{label}</LabelText>}
      {schools.map((s) => (
        <RadioField key={s.id} value={s.id}>
          <Card>
            <strong>{s.name}</strong>
            {s.why === '' ? null : (
              <small>
                {s.isDefault === true ? 'usual: ' : ''}
                {s.why}
              </small>
            )}
          </Card>
        </RadioField>
      ))}
    </Cards>
  );
}

const Track = styled(SliderTrack)`
  height: 32px;
  position: relative;
  &::before {
    content: '';
    position: absolute;
    inset: 13px 0;
    border-radius: 3px;
    background: var(--line);
  }
`;

const Thumb = styled(SliderThumb)`
  width: 26px;
  height: 26px;
  top: 50%;
  border-radius: 50%;
  background: var(--enamel);
  border: 3px solid var(--glow);
  cursor: grab;
`;

const SliderLine = styled.div`
  display: flex;
  justify-content: space-between;
  font-size: 14px;
  output {
    font-weight: 650;
  }
`;

interface SliderProps {
  readonly label: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  readonly says: string;
  readonly onChange: (value: number) => void;
}

/** A slider that says its value in words. */
export function Slider({ label, value, min, max, step, says, onChange }: SliderProps) {
  return (
    <AriaSlider<number>
      minValue={min}
      maxValue={max}
      step={step}
      value={Math.min(max, Math.max(min, Number.isFinite(value) ? value : min))}
      onChange={(v) => {
        onChange(v);
      }}
    >
      <SliderLine>
        <LabelText>{label}</LabelText>
        <output>{says}</output>
      </SliderLine>
      <Track>
        <Thumb />
      </Track>
    </AriaSlider>
  );
}

const SwitchBox = styled(SwitchButton)`
  display: inline-flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
  cursor: pointer;
  i {
    width: 44px;
    height: 26px;
    border-radius: 13px;
    background: var(--wait);
    border: 2px solid var(--rim);
    position: relative;
    flex: none;
  }
  i::after {
    content: '';
    position: absolute;
    top: 2px;
    left: 2px;
    width: 18px;
    height: 18px;
    border-radius: 50%;
    background: var(--plate);
  }
  &[data-selected] i {
    background: var(--sage);
  }
  &[data-selected] i::after {
    left: 20px;
  }
  &[data-focus-visible] i {
    outline: 3px solid var(--glow);
    outline-offset: 2px;
  }
`;

export function Switch({
  children,
  value,
  onChange,
}: {
  children: ReactNode;
  value: boolean;
  onChange: (value: boolean) => void;
}) {
  return (
    <SwitchField isSelected={value} onChange={onChange}>
      <SwitchBox>
        <i />
        {children}
      </SwitchBox>
    </SwitchField>
  );
}

const TextBox = styled(Input)`
  ${frame}
  width: 100%;
  padding: 0 12px;
  font-weight: 650;
`;

const AreaBox = styled(AriaTextArea)`
  ${frame}
  width: 100%;
  padding: 10px 12px;
  min-height: 84px;
  resize: vertical;
`;

interface TextFieldProps {
  readonly label: string;
  readonly value: string;
  readonly error?: string | undefined;
  readonly multiline?: boolean;
  readonly type?: 'text' | 'datetime-local';
  readonly maxLength?: number;
  readonly onChange: (value: string) => void;
}

export function TextField({
  label,
  value,
  error,
  multiline = false,
  type = 'text',
  maxLength,
  onChange,
}: TextFieldProps) {
  return (
    <AriaTextField
      value={value}
      onChange={onChange}
      isInvalid={error !== undefined}
      {...(maxLength === undefined ? {} : { maxLength })}
    >
      <LabelText>{label}</LabelText>
      {multiline ? <AreaBox /> : <TextBox type={type} />}
      <ErrorText>{error}</ErrorText>
    </AriaTextField>
  );
}

/** Fields side by side where there is room. */
export const FieldRow = styled.div<{ $columns?: number }>`
  display: grid;
  grid-template-columns: repeat(${({ $columns }) => $columns ?? 2}, minmax(0, 1fr));
  gap: 10px;
  align-items: start;
`;
