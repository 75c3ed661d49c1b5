'use client';

import styled from 'styled-components';
import { thickenersOf } from '@/core/cook';
import { type Sauce } from '@/core/finish';
import { type BegunPlan } from '@/core/plan';
import { Mute } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';
import { say, nameOf } from '@/core/message';

const Kinds = styled.details`
  summary {
    cursor: pointer;
    font-weight: 700;
    padding: 6px 0;
  }
  td,
  th {
    text-align: right;
    padding: 2px 0 2px 12px;
    border-bottom: 1px dotted var(--line);
  }
  td:first-child,
  th:first-child {
    text-align: left;
    padding-left: 0;
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
`;

/** Every thickener for a sauce: how much of it, and how much of its effect survives further boiling. */
export function Thickeners({ plan, sauce }: { readonly plan: BegunPlan; readonly sauce: Sauce }) {
  const w = useWords();
  const kinds = thickenersOf(plan, sauce);
  if (kinds.length === 0) return null;
  return (
    <Kinds>
      <summary>{w.text('thickeners.title', { rung: say(`rung.${plan.input.finish.rung}`) })}</summary>
      <table>
        <thead>
          <tr>
            <th scope="col">{w.text('thickeners.kind')}</th>
            <th scope="col">{w.text('thickeners.inAll')}</th>
            <th scope="col">{w.text('thickeners.left')}</th>
          </tr>
        </thead>
        <tbody>
          {kinds.map(({ by, grams, left }) => (
            <tr key={by}>
              <td>{w.title(nameOf('thickener', by))}</td>
              <td>{w.quantity(grams / 1000, 'mass')}</td>
              <td>{w.quantity(left, 'share')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Mute>{w.text('thickeners.how')}</Mute>
    </Kinds>
  );
}
