'use client';

import { Slider as AriaSlider, SliderThumb, SliderTrack } from 'react-aria-components';
import styled from 'styled-components';
import { LabelText } from './frame';

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
  font-size: 0.875rem;
  output {
    font-weight: 650;
  }
`;

interface SliderProps {
  readonly label: string;
  readonly value: number;
  readonly limits: readonly [low: number, high: number];
  readonly step: number;
  readonly says: string;
  readonly onChange: (value: number) => void;
}

/** A slider that states its value in words. */
export function Slider({ label, value, limits: [min, max], step, says, onChange }: SliderProps) {
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
