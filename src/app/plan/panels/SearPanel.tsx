'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { Body, type PanelProps, Part } from './common';
import { SEAR_CUES } from '@/core/sear';
import { Button } from '@/ui/controls/Button';
import { Mute } from '@/ui/controls/Panel';
import { Figures } from '@/ui/controls/Why';
import { PanMap } from '@/ui/drawings/PanMap';
import { useWords } from '@/ui/KitchenContext';

const Batches = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  button {
    min-height: 36px;
    padding: 0 12px;
    font-size: 0.9375rem;
  }
`;

const Signs = styled.dl`
  margin: 0;
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 0 16px;
  font-size: 0.9375rem;
  dt,
  dd {
    margin: 0;
    padding: 5px 0;
    border-top: 1px solid var(--line);
  }
  dd {
    font-weight: 600;
  }
`;

export function SearPanel({ plan }: PanelProps) {
  const w = useWords();
  const [shown, setShown] = useState(0);
  const { sear, salt } = plan;
  const at = Math.min(shown, sear.batches.length - 1);
  const batch = sear.batches[at];
  const pieces = plan.parts.reduce((sum, p) => sum + p.part.pieces, 0);
  return (
    <Body>
      {batch ? (
        <>
          <PanMap pan={plan.input.pan} batch={batch} number={at + 1} batches={sear.batches.length} pieces={pieces} />
          {sear.batches.length > 1 ? (
            <Batches role="group" aria-label={w.text('searPanel.batchShown')}>
              {sear.batches.map((b, i) => (
                <Button
                  key={i}
                  $tone={i === at ? 'main' : 'plain'}
                  aria-pressed={i === at}
                  onPress={() => {
                    setShown(i);
                  }}
                >
                  {i + 1}: {b.count}
                </Button>
              ))}
            </Batches>
          ) : null}
        </>
      ) : (
        <p>{w.text('searPanel.noSearTheMeatGoes')}</p>
      )}
      <Part title={sear.batches.length > 0 ? w.text('searPanel.thePanAndTheHeat') : w.text('searPanel.withoutASear')}>
        <p>{w.say(sear.says)}</p>
        {sear.batches.length > 0 ? (
          <>
            <Figures figures={[sear.perBatch, sear.minutes, sear.fatL, ...(sear.dredge ? [sear.dredge] : [])]} />
            <p>
              {w.text('searPanel.aFaceAnEdgeEnded', {
                face: w.quantity(sear.faceMinutes, 'minutes'),
                edge: w.quantity(sear.edgeMinutes, 'minutes'),
                fatSays: w.say(sear.fatSays),
              })}{' '}
            </p>
          </>
        ) : null}
        <p>{w.text('sear.whatItDoes')}</p>
      </Part>
      <Part title={w.text('searPanel.salt')}>
        <p>{w.say(salt.says)}</p>
        <Figures figures={[salt.toAdd, salt.now, salt.holdBack, salt.atPlate]} />
      </Part>
      {sear.batches.length > 0 ? (
        <Part title={w.text('searPanel.whatToLookFor')}>
          <Signs>
            {SEAR_CUES.map((s) => (
              <div key={s} style={{ display: 'contents' }}>
                <dt>{w.text(`searSign.${s}`)}</dt>
                <dd>{w.text(`searSign.${s}.means`)}</dd>
              </div>
            ))}
          </Signs>
          <Mute>{w.text('searPanel.searedMeatGoesOnA')}</Mute>
        </Part>
      ) : null}
    </Body>
  );
}
