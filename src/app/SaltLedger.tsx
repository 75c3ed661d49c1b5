'use client';

import styled from 'styled-components';
import { type KeptSauce } from '@/core/cook';
import { kg } from '@/core/message';
import { useWords } from '@/ui/KitchenContext';

const Ledger = styled.details`
  summary {
    cursor: pointer;
    font-weight: 700;
    padding: 6px 0;
  }
  li {
    display: flex;
    justify-content: space-between;
    gap: 10px;
    padding: 2px 0;
    border-bottom: 1px dotted var(--line);
  }
`;

/** Every source of salt from first to last, and where the salt ends up. */
export function SaltLedger({ known }: { readonly known: Pick<KeptSauce, 'salt' | 'sauce' | 'inMeatG'> }) {
  const w = useWords();
  return (
    <Ledger>
      <summary>
        {w.text('saucePanel.ledger', {
          all: kg(known.salt.reduce((sum, l) => sum + l.grams, 0) / 1000),
          meat: kg(known.inMeatG / 1000),
          sauce: kg(known.sauce.saltG / 1000),
        })}
      </summary>
      <ul>
        {known.salt.map((line, i) => (
          <li key={`${JSON.stringify(line.what)} ${String(i)}`}>
            <span>
              {w.title(line.what)}
              {line.recorded ? '' : ` (${w.text('saucePanel.planned')})`}
            </span>
            <b>{w.quantity(line.grams / 1000, 'mass')}</b>
          </li>
        ))}
      </ul>
    </Ledger>
  );
}
