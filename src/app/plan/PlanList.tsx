'use client';

import { Download, FileText, Plus, Trash2 } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { UnreadableNotice } from '../UnreadableNotice';
import { Pages } from '../Pages';
import { ImportButton } from '../ImportButton';
import { type QuarantinedRow } from '@/server/quarantine';
import { linkButton } from '@/ui/controls/Button';
import { ConfirmButton } from '@/ui/controls/ConfirmButton';
import { FaultNote, Mute, Page, PageHead, Panel } from '@/ui/controls/Panel';
import { useKitchen, useWords } from '@/ui/KitchenContext';
import { send } from '@/ui/send';
import { type PlanInput } from '@/core/choices';
import { ofRow } from '@/core/message';

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
    font-size: 1.1875rem;
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

interface PlanListProps {
  readonly plans: readonly ListedPlan[];
  readonly aside: readonly QuarantinedRow[];
  readonly page: number;
  readonly pages: number;
}

/** One page of saved plans. */
export function PlanList({ plans, aside, page, pages }: PlanListProps) {
  const { renderedAtMs } = useKitchen();
  const w = useWords();
  const router = useRouter();
  const [fault, setFault] = useState<string>();
  const remove = async (id: string): Promise<void> => {
    const sent = await send('DELETE', `/api/plans/${id}`);
    setFault(sent.ok ? undefined : w.say(sent.says));
    router.refresh();
  };
  return (
    <Page>
      <PageHead>
        <h1>{w.text('planList.plans')}</h1>
        <div>
          <PlainLink href="/plan/import">
            <FileText size={18} aria-hidden /> {w.text('planList.fromARecipe')}
          </PlainLink>
          <ImportButton />
          <NewLink href="/plan/new">
            <Plus size={18} aria-hidden /> {w.text('common.planABraise')}
          </NewLink>
        </div>
      </PageHead>
      <UnreadableNotice aside={aside} />
      {fault === undefined ? null : <FaultNote role="alert">{fault}</FaultNote>}
      <Panel>
        {plans.length === 0 ? (
          <p>{w.text('planList.noPlanIsWaitingPlan')}</p>
        ) : (
          <ul>
            {plans.map(({ id, input }) => (
              <Row key={id}>
                <div>
                  <h2>
                    <Link href={`/plan/${id}`}>{input.title}</Link>
                  </h2>
                  <Mute>
                    {w.text('planList.for', {
                      cutId: w.title(ofRow('cut', input.meat.cutId, 'full')),
                      mass: w.quantity(input.meat.massKg, 'mass'),
                      eaters: input.eaters,
                      renderedAt:
                        input.serveAtMs < renderedAtMs ? w.text('planList.wasToBeServed') : w.text('planList.serve'),
                      serveAt: w.dayFrom(input.serveAtMs, renderedAtMs),
                      serveAt2: w.clock(input.serveAtMs),
                    })}
                  </Mute>
                </div>
                <div>
                  <FileLink
                    href={`/api/plans/${id}/export`}
                    download
                    aria-label={w.text('planList.export', { title: input.title })}
                  >
                    <Download size={18} aria-hidden />
                  </FileLink>
                  <ConfirmButton
                    label={w.text('planList.delete', { title: input.title })}
                    question={w.text('common.delete', { title: input.title })}
                    consequence={w.text('planList.thePlanGoesForGood')}
                    verb={w.text('planList.deleteThePlan')}
                    onConfirm={() => void remove(id)}
                  >
                    <Trash2 size={18} aria-hidden />
                  </ConfirmButton>
                </div>
              </Row>
            ))}
          </ul>
        )}
        <Pages href="/plan" page={page} pages={pages} />
      </Panel>
    </Page>
  );
}
