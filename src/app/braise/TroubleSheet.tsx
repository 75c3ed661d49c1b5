'use client';

import { ChevronLeft } from 'lucide-react';
import { useState } from 'react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { stepSigns, stepTitle } from './stepText';
import { cautionFor } from '@/core/cautions';
import { type Guidance, type ScheduledStep, type Problem, problemsNow } from '@/core/cook';
import { Button } from '@/ui/controls/Button';
import { CautionNote } from '@/ui/controls/Panel';
import { Sheet } from '@/ui/controls/Sheet';
import { useWords } from '@/ui/KitchenContext';
import { type CoolingRule } from '@/core/safety';

const Troubles = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(220px, 100%), 1fr));
  gap: 8px;
  li[data-now='true'] button {
    border-color: var(--glow);
  }
`;

const TroubleButton = styled(AriaButton)`
  width: 100%;
  min-height: 52px;
  text-align: left;
  border: 2px solid var(--line);
  border-radius: 12px;
  background: var(--plate);
  color: var(--ink);
  padding: 8px 14px;
  font-size: 1.0625rem;
  font-weight: 650;
  cursor: pointer;
`;

const Answer = styled.div`
  display: grid;
  gap: 12px;
  font-size: 1.0625rem;
  line-height: 1.4;
`;

const Forgotten = styled.ul`
  display: grid;
  gap: 6px;
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 10px;
    align-items: center;
    border-top: 1px solid var(--line);
    padding: 8px 0;
  }
  small {
    display: block;
    color: var(--mute);
    font-size: 0.9375rem;
  }
`;

interface TroubleSheetProps {
  /** The kitchen's food-safety rule. */
  readonly rule: CoolingRule;
  readonly isOpen: boolean;
  readonly conducted: Guidance;
  readonly onTrouble: (trouble: Problem) => void;
  /** A forgotten step was done after all. */
  readonly onIn: (placed: ScheduledStep) => void;
  readonly onClose: () => void;
}

/** The problem sheet: what cooks say went wrong, and the answer with figures for this pot now. */
export function TroubleSheet({ rule, isOpen, conducted, onTrouble, onIn, onClose }: TroubleSheetProps) {
  const w = useWords();
  const [chosen, setChosen] = useState<Problem['id']>();
  const troubles = problemsNow(conducted.figures, conducted.stage);
  const trouble = troubles.find((t) => t.id === chosen);
  const left = conducted.steps.filter((p) => p.status === 'passed' || p.status === 'skipped' || p.status === 'missed');
  const close = (): void => {
    setChosen(undefined);
    onClose();
  };
  return (
    <Sheet asks={false} title={trouble ? w.title(trouble.says) : w.text('trouble')} isOpen={isOpen} onClose={close}>
      {trouble ? (
        <Answer>
          <div>
            <Button
              onPress={() => {
                setChosen(undefined);
              }}
            >
              <ChevronLeft size={18} aria-hidden /> {w.text('troubleSheet.all')}
            </Button>
          </div>
          {trouble.id === 'forgotStep' ? (
            <Forgotten aria-label={w.text('troubleSheet.notDone')}>
              {left.map((p) => {
                const { late } = stepSigns(w, p.step);
                return (
                  <li key={p.step.id}>
                    <span>
                      {stepTitle(w, p.step)}
                      {p.step.what ? ` ${w.title(p.step.what)}` : ''}
                      {late === undefined ? null : <small>{late}</small>}
                    </span>
                    <Button
                      aria-label={w.text('troubleSheet.inNowOf', { step: stepTitle(w, p.step) })}
                      onPress={() => {
                        onIn(p);
                        close();
                      }}
                    >
                      {w.text('troubleSheet.inNow')}
                    </Button>
                  </li>
                );
              })}
              {left.length === 0 ? <li>{w.text('troubleSheet.nothingForgotten')}</li> : null}
            </Forgotten>
          ) : (
            <>
              <p>{w.say(trouble.do)}</p>
              <p>
                <b>{w.text('troubleSheet.cost')}</b> {w.say(trouble.cost)}
              </p>
              <CautionNote>{w.say(cautionFor(trouble.care, rule))}</CautionNote>
              <Button
                $tone="hands"
                onPress={() => {
                  onTrouble(trouble);
                  close();
                }}
              >
                {w.text('troubleSheet.doIt', { step: w.title(trouble.step) })}
              </Button>
            </>
          )}
        </Answer>
      ) : (
        <Troubles aria-label={w.text('trouble')}>
          {troubles.map((t) => (
            <li key={t.id} data-now={t.stages.includes(conducted.stage)}>
              <TroubleButton
                onPress={() => {
                  setChosen(t.id);
                }}
              >
                {w.title(t.says)}
              </TroubleButton>
            </li>
          ))}
        </Troubles>
      )}
    </Sheet>
  );
}
