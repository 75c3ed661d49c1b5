'use client';

import { type RefObject } from 'react';
import { Heading } from 'react-aria-components';
import styled from 'styled-components';
import { PopPlate } from './PopPlate';
import { useWords } from '../KitchenContext';
import { type Figure } from '@/core/message';

const Answer = styled.div`
  display: grid;
  gap: 8px;
  h3 {
    font-size: 18px;
  }
  dl {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 2px 12px;
    margin: 0;
    padding: 6px 0;
    border-block: 1px solid var(--line);
  }
  dt {
    color: var(--mute);
  }
  dd {
    margin: 0;
    font-weight: 650;
    text-align: right;
  }
`;

interface WhyPlateProps {
  readonly figure: Figure;
  readonly trigger: RefObject<HTMLButtonElement | null>;
  readonly onClose: () => void;
}

/** How a figure is worked out, from what, what would change it and how sure it is. */
export function WhyPlate({ figure, trigger, onClose }: WhyPlateProps) {
  const w = useWords();
  return (
    <PopPlate trigger={trigger} widthPx={360} onClose={onClose}>
      <Answer>
        <Heading slot="title" level={3}>
          {w.text('why.title', { label: w.about(figure, 'label'), value: w.figure(figure) })}
        </Heading>
        <p>{w.about(figure, 'formula')}</p>
        {figure.inputs.length > 0 ? (
          <dl>
            {figure.inputs.map((i, n) => (
              <div key={`${i.id}${String(n)}`} style={{ display: 'contents' }}>
                <dt>{w.inputLabel(i)}</dt>
                <dd>{w.quantity(i.value, i.as)}</dd>
              </div>
            ))}
          </dl>
        ) : null}
        {figure.range ? (
          <p>
            {w.text('why.range', {
              low: w.quantity(figure.range[0], figure.as),
              high: w.quantity(figure.range[1], figure.as),
            })}
          </p>
        ) : null}
        <p>
          <b>{w.text('why.whatWouldChangeIt')}</b> {w.about(figure, 'changes')}
        </p>
        <p style={{ color: 'var(--mute)' }}>{w.text(`sure.${figure.sure}`)}</p>
      </Answer>
    </PopPlate>
  );
}
