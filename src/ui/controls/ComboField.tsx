'use client';

import { ChevronDown } from 'lucide-react';
import { Button, ComboBox, Input, ListBox, ListBoxItem, Popover } from 'react-aria-components';
import styled from 'styled-components';
import { frame, LabelText, listItem, listPlate } from './frame';
import { useThemeScope } from '../ThemeScope';

const Box = styled.div`
  ${frame}
  display: flex;
  align-items: center;
  input {
    flex: 1;
    min-width: 0;
    border: 0;
    outline: none;
    background: none;
    color: inherit;
    font: inherit;
    font-weight: 650;
    padding: 0 12px;
    min-height: 40px;
  }
  button {
    border: 0;
    background: none;
    color: inherit;
    min-width: 40px;
    min-height: 40px;
    cursor: pointer;
  }
  &:focus-within {
    outline: 3px solid var(--ring);
    outline-offset: 2px;
  }
`;

const List = styled(Popover)`
  ${listPlate}
  max-height: 320px;
  width: var(--trigger-width);
`;

const Item = styled(ListBoxItem)`
  ${listItem}
`;

interface ComboFieldProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly id: string; readonly label: string }[];
  readonly onChange: (id: string) => void;
}

/** One item of a long list, found by typing part of it. */
export function ComboField({ label, value, options, onChange }: ComboFieldProps) {
  const theme = useThemeScope();
  return (
    <ComboBox
      value={value}
      defaultItems={options}
      menuTrigger="focus"
      onChange={(key) => {
        if (key !== null && key !== value) onChange(String(key));
      }}
    >
      <LabelText>{label}</LabelText>
      <Box>
        <Input />
        <Button>
          <ChevronDown size={18} aria-hidden />
        </Button>
      </Box>
      <List data-theme={theme}>
        <ListBox>{(o: { readonly id: string; readonly label: string }) => <Item id={o.id}>{o.label}</Item>}</ListBox>
      </List>
    </ComboBox>
  );
}
