'use client';

import { type ReactNode } from 'react';
import { SwitchButton, SwitchField } from 'react-aria-components';
import styled from 'styled-components';

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
    border: 2px solid var(--edge);
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
    outline: 3px solid var(--ring);
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
