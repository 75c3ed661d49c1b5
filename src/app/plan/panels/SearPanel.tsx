'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { Body, type PanelProps, Part } from './common';
import { SEAR_SIGNS, WHAT_SEARING_DOES } from '@/core/sear/sear';
import { Button } from '@/ui/controls/Button';
import { Mute } from '@/ui/controls/Panel';
import { Figures } from '@/ui/controls/Why';
import { PanMap } from '@/ui/drawings/PanMap';
import { useSay } from '@/ui/KitchenContext';
import { formatMinutes } from '@/core/quantity/format';

const Batches = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  button {
    min-height: 36px;
    padding: 0 12px;
    font-size: 15px;
  }
`;

const Signs = styled.dl`
  margin: 0;
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 0 16px;
  font-size: 15px;
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
  const say = useSay();
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
            <Batches role="group" aria-label="Batch shown">
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
        <p>No sear: the meat goes into the pot as it is, and browns a little where it stands out of the liquid.</p>
      )}
      <Part>
        <h3>{sear.batches.length > 0 ? 'The pan and the heat' : 'Without a sear'}</h3>
        <p>{say(sear.says)}</p>
        {sear.batches.length > 0 ? (
          <>
            <Figures figures={[sear.perBatch, sear.minutes, sear.fatL, ...(sear.dredge ? [sear.dredge] : [])]} />
            <p>
              {formatMinutes(sear.faceMinutes)} a face, {formatMinutes(sear.edgeMinutes)} an edge, ended by colour.{' '}
              {say(sear.fatSays)}{' '}
            </p>
          </>
        ) : null}
        <p>{WHAT_SEARING_DOES}</p>
      </Part>
      <Part>
        <h3>Salt</h3>
        <p>{say(salt.says)}</p>
        <Figures figures={[salt.toAdd, salt.now, salt.holdBack, salt.atPlate]} />
      </Part>
      {sear.batches.length > 0 ? (
        <Part>
          <h3>What to look for</h3>
          <Signs>
            {SEAR_SIGNS.map((s) => (
              <div key={s.look} style={{ display: 'contents' }}>
                <dt>{s.look}</dt>
                <dd>{s.means}</dd>
              </div>
            ))}
          </Signs>
          <Mute>Seared meat goes on a clean plate; its juices go back into the pot.</Mute>
        </Part>
      ) : null}
    </Body>
  );
}
