'use client';

import { Download, FileText, Plus, Trash2 } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { ImportButton } from '../ImportButton';
import { linkButton } from '@/ui/controls/Button';
import { ConfirmButton } from '@/ui/controls/ConfirmButton';
import { FaultNote, Mute, Page, PageHead, Panel } from '@/ui/controls/Panel';
import { useKitchen } from '@/ui/KitchenContext';
import { send } from '@/ui/send';
import { clock, dayFrom } from '@/ui/time';
import { cutById, cutLabel } from '@/core/larder/cuts';
import { type PlanInput } from '@/core/plan/input';
import { formatMass } from '@/core/quantity/format';

const NewLink = styled(Link)`
  ${linkButton('main')}
`;

const PlainLink = styled(Link)`
  ${linkButton('plain')}
`;
const FileLink = styled.a`
  ${linkButton('plain')}
`;

const Row = styled.li`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  justify-content: space-between;
  padding: 12px 0;
  border-top: 1px solid var(--line);
  &:first-child {
    border-top: 0;
  }
  h2 {
    font-size: 19px;
  }
  > div:last-child {
    display: flex;
    gap: 8px;
  }
`;

interface ListedPlan {
  readonly id: string;
  readonly input: PlanInput;
}

export function PlanList({ plans }: { plans: readonly ListedPlan[] }) {
  const { timeZone, renderedAtMs, units } = useKitchen();
  const router = useRouter();
  const [fault, setFault] = useState<string>();
  const remove = async (id: string): Promise<void> => {
    const sent = await send('DELETE', `/api/plans/${id}`);
    setFault(sent.ok ? undefined : sent.message);
    router.refresh();
  };
  return (
    <Page>
      <PageHead>
        <h1>Plans</h1>
        <div>
          <PlainLink href="/plan/import">
            <FileText size={18} aria-hidden /> From a recipe
          </PlainLink>
          <ImportButton />
          <NewLink href="/plan/new">
            <Plus size={18} aria-hidden /> Plan a braise
          </NewLink>
        </div>
      </PageHead>
      {fault === undefined ? null : <FaultNote role="alert">{fault}</FaultNote>}
      <Panel>
        {plans.length === 0 ? (
          <p>
            No plan is waiting. Plan a braise: say what is for supper and when, and it counts back to the first cut.
          </p>
        ) : (
          <ul>
            {plans.map(({ id, input }) => (
              <Row key={id}>
                <div>
                  <h2>
                    <Link href={`/plan/${id}`}>{input.title}</Link>
                  </h2>
                  <Mute>
                    {cutLabel(cutById(input.meat.cutId))}, {formatMass(input.meat.massKg, units)} for {input.eaters} ·{' '}
                    {input.serveAtMs < renderedAtMs ? 'was to be served' : 'serve'}{' '}
                    {dayFrom(input.serveAtMs, renderedAtMs, timeZone)} {clock(input.serveAtMs, timeZone)}
                  </Mute>
                </div>
                <div>
                  <FileLink href={`/api/plans/${id}/export`} download aria-label={`Export ${input.title}`}>
                    <Download size={18} aria-hidden />
                  </FileLink>
                  <ConfirmButton
                    label={`Delete ${input.title}`}
                    question={`Delete “${input.title}”?`}
                    consequence="The plan goes for good. Braises cooked from it stay in the log."
                    verb="Delete the plan"
                    onConfirm={() => void remove(id)}
                  >
                    <Trash2 size={18} aria-hidden />
                  </ConfirmButton>
                </div>
              </Row>
            ))}
          </ul>
        )}
      </Panel>
    </Page>
  );
}
