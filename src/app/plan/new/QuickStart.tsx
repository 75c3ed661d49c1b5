'use client';

import { ownSections } from '../forms/OwnThing';
import { FileText } from 'lucide-react';
import Link from 'next/link';
import { useState } from 'react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { cutSections, kindSections } from '../techniqueOptions';
import { meantMoment } from '@/calendar/calendar';
import { type Kitchen } from '@/contract/kitchen';
import { heatSays, type PlanInput } from '@/core/choices';
import { planFromWish, parsePlanRequest } from '@/core/intake';
import { BRAISE_STYLES } from '@/core/styles';
import { cutById } from '@/core/larder';
import { Button, linkButton } from '@/ui/controls/Button';
import { MomentField } from '@/ui/controls/MomentField';
import { NumberField } from '@/ui/controls/NumberField';
import { FaultNote, Page, Panel } from '@/ui/controls/Panel';
import { SelectField } from '@/ui/controls/SelectField';
import { TextField } from '@/ui/controls/TextField';
import { CutPicture } from '@/ui/drawings/CutPicture';
import { useKitchen, useNow, useUnits, useWords } from '@/ui/KitchenContext';
import { say, ofRow, nameOf } from '@/core/message';
import { MINUTE_MS } from '@/core/quantity';

const USUAL_EATERS = 4;
const AS_USUAL = 'usual';
/** Cuts shown as pictures; the list has all of them. */
const PICTURED = [
  'beef_oxtail',
  'beef_short_rib_english',
  'beef_chuck_roast',
  'beef_cheek',
  'beef_shank_cross',
  'pork_cheek',
  'lamb_shank',
  'duck_leg',
] as const;

const Form = styled.form`
  display: grid;
  gap: 14px;
  h1 {
    font-size: 1.75rem;
  }
`;

const Line = styled.div`
  input {
    min-height: 52px;
    font-size: 1.1875rem;
  }
`;

const Settle = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
  gap: 12px;
  align-items: start;
`;

const Foot = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: center;
`;

const Pictures = styled.ul`
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 8px;
  @media (max-width: 900px) {
    grid-template-columns: repeat(auto-fill, minmax(104px, 1fr));
  }
`;

const Picture = styled(AriaButton)`
  width: 100%;
  height: 100%;
  display: grid;
  justify-items: center;
  gap: 2px;
  border: 2px solid var(--line);
  border-radius: 12px;
  background: var(--plate);
  padding: 8px 6px;
  font-size: 0.9375rem;
  font-weight: 650;
  line-height: 1.2;
  cursor: pointer;
  &[aria-pressed='true'] {
    border-color: var(--glow);
    background: var(--well);
  }
`;

const Recipe = styled(Link)`
  ${linkButton('plain')}
`;

/** What was chosen by hand over what the line says. */
interface Settled {
  readonly cutId?: string;
  readonly eaters?: number;
  readonly serveAtMs?: number;
}

interface BeginProps {
  readonly kitchen: Kitchen;
  /** A plan started here and not saved. */
  readonly unkept: string | undefined;
  readonly onBegin: (input: PlanInput) => void;
  readonly onGoOn: () => void;
}

/**
 * The quick start of a plan: one line, or a picture, a style, a recipe; what was recognised is shown for correction.
 */
export function QuickStart({ kitchen, unkept, onBegin, onGoOn }: BeginProps) {
  const w = useWords();
  const units = useUnits();
  const { timeZone } = useKitchen();
  const nowMs = useNow(MINUTE_MS);
  const [line, setLine] = useState('');
  const [settled, setSettled] = useState<Settled>({});
  const [kindId, setKindId] = useState(AS_USUAL);
  const wish = parsePlanRequest(line, { pots: kitchen.pots, ovens: kitchen.ovens, units });
  const cutId = settled.cutId ?? wish.cutId;
  const eaters = settled.eaters ?? wish.eaters ?? USUAL_EATERS;
  const serveAtMs = settled.serveAtMs ?? meantMoment(wish.day, wish.minuteOfDay, nowMs, timeZone);
  const kind = [...kitchen.kinds, ...BRAISE_STYLES].find((k) => k.id === kindId);
  const whole = Number.isFinite(serveAtMs) && Number.isInteger(eaters) && eaters > 0;
  const understood = [
    ...(wish.massKg === undefined ? [] : [w.quantity(wish.massKg, 'mass')]),
    ...(wish.heat ? [w.say(heatSays(wish.heat))] : []),
    ...(wish.pot ? [wish.pot.name] : []),
    ...(wish.lid ? [w.name('lid', wish.lid)] : []),
    ...wish.liquids.map((id) => w.name('liquid', id)),
    ...wish.garnish.map((id) => w.name('garnish', id)),
    ...wish.herbs.map((id) => w.name('herb', id)),
  ];
  const begin = (): void => {
    if (cutId === undefined || !whole) return;
    const cut = ofRow('cut', cutId, 'full');
    const [liquid] = wish.liquids;
    const title =
      liquid === undefined ? w.title(cut) : w.title(say('begin.called', { cut, liquid: nameOf('liquid', liquid) }));
    onBegin(planFromWish({ ...wish, title, cutId, eaters, serveAtMs }, kitchen, kind));
  };
  const pick = (id: string): void => {
    setSettled({ ...settled, cutId: id });
  };
  return (
    <Page>
      {unkept === undefined ? null : (
        <Panel>
          <Foot>
            <span>{w.text('begin.unkept', { title: unkept })}</span>
            <Button onPress={onGoOn}>{w.text('begin.goOn')}</Button>
          </Foot>
        </Panel>
      )}
      <Panel>
        <Form
          onSubmit={(e) => {
            e.preventDefault();
            begin();
          }}
        >
          <h1>{w.text('begin.ask')}</h1>
          <Line>
            <TextField
              label={w.text('begin.line')}
              value={line}
              maxLength={200}
              onChange={(text) => {
                setLine(text);
                setSettled({});
              }}
            />
          </Line>
          <Settle role="group" aria-label={w.text('begin.understood')}>
            <SelectField
              label={w.text('meatForm.cut')}
              value={cutId ?? ''}
              sections={[...ownSections(w, kitchen.own, 'cut'), ...cutSections(w)]}
              onChange={pick}
            />
            <NumberField
              label={w.text('common.atTheTable')}
              step={1}
              value={eaters}
              onChange={(n) => {
                setSettled({ ...settled, eaters: n });
              }}
            />
            <MomentField
              label={w.text('serveForm.platesOutAt')}
              value={serveAtMs}
              onChange={(ms) => {
                setSettled({ ...settled, serveAtMs: ms });
              }}
            />
            <SelectField
              label={w.text('begin.kind')}
              value={kindId}
              sections={[
                { options: [{ id: AS_USUAL, label: w.text('begin.asUsual') }] },
                ...kindSections(w, kitchen.kinds),
              ]}
              onChange={setKindId}
            />
          </Settle>
          {wish.unplanned === undefined ? null : (
            <FaultNote role="status">{w.text(`begin.unplanned.${wish.unplanned}`)}</FaultNote>
          )}
          {understood.length > 0 ? <p>{w.text('begin.also', { what: w.list(understood, 'comma') })}</p> : null}
          {wish.notUnderstood.length > 0 ? (
            <FaultNote role="status">
              {w.text('begin.notUnderstood', {
                what: w.list(
                  wish.notUnderstood.map((t) => `“${t}”`),
                  'comma',
                ),
              })}
            </FaultNote>
          ) : null}
          <Foot>
            <Button type="submit" $tone="hands" isDisabled={cutId === undefined || !whole}>
              {w.text('begin.plan')}
            </Button>
            <Recipe href="/plan/import">
              <FileText size={18} aria-hidden /> {w.text('planList.fromARecipe')}
            </Recipe>
          </Foot>
          <Pictures aria-label={w.text('begin.pictures')}>
            {PICTURED.map((id) => (
              <li key={id}>
                <Picture
                  aria-pressed={id === cutId}
                  onPress={() => {
                    pick(id);
                  }}
                >
                  <CutPicture cut={cutById(id)} />
                  {w.title(ofRow('cut', id, 'full'))}
                </Picture>
              </li>
            ))}
          </Pictures>
        </Form>
      </Panel>
    </Page>
  );
}
