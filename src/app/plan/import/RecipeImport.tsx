'use client';

import { FileText } from 'lucide-react';
import Link from 'next/link';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { jsonLdBlocks } from './jsonLdBlocks';
import { resolvedFrom } from './resolveLines';
import { recipeIn } from '@/contract/recipe';
import { type Kitchen } from '@/contract/kitchen';
import { type ReadRecipe, readRecipe } from '@/core/intake';
import { heatOf, MODES } from '@/core/choices';
import { Button, linkButton } from '@/ui/controls/Button';
import { LabelText } from '@/ui/controls/frame';
import { FaultNote, Page, PageHead, Panel } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';
import { Source, type Settling, USUAL_EATERS, Settle } from './Settle';

const BackLink = styled(Link)`
  ${linkButton('plain')}
`;

function settlingFrom(read: ReadRecipe): Settling {
  return {
    read,
    title: read.title,
    eaters: read.eaters?.value ?? USUAL_EATERS,
    heat: read.heat?.value ?? heatOf('still', MODES.still.usualC),
    lines: read.lines.map(resolvedFrom),
  };
}

interface RecipeImportProps {
  readonly kitchen: Kitchen;
  readonly serveAtMs: number;
}

/** A schema.org recipe, from a file or pasted, turned into a plan: lines not recognised are resolved one by one. */
export function RecipeImport({ kitchen, serveAtMs }: RecipeImportProps) {
  const w = useWords();
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string>();
  const [settling, setSettling] = useState<Settling>();
  const take = (source: string): void => {
    const found = recipeIn(source, jsonLdBlocks);
    setFault(found.ok ? undefined : w.say(found.says));
    setSettling(found.ok ? settlingFrom(readRecipe(found.recipe)) : undefined);
  };
  return (
    <Page>
      <PageHead>
        <h1>{w.text('recipeImport.aPlanFromARecipe')}</h1>
        <div>
          <BackLink href="/plan">{w.text('recipeImport.allPlans')}</BackLink>
        </div>
      </PageHead>
      {settling ? (
        <Settle
          settling={settling}
          kitchen={kitchen}
          serveAtMs={serveAtMs}
          change={(part) => {
            setSettling({ ...settling, ...part });
          }}
          onAgain={() => {
            setSettling(undefined);
          }}
        />
      ) : (
        <Panel>
          <Source>
            <p>{w.text('recipeImport.saveARecipesPageOr')}</p>
            <FileTrigger
              acceptedFileTypes={['.json', '.jsonld', '.html', '.htm', 'application/ld+json', 'text/html']}
              onSelect={(files) => {
                void files?.[0]?.text().then(take);
              }}
            >
              <Button>
                <FileText size={18} aria-hidden /> {w.text('recipeImport.chooseAFile')}
              </Button>
            </FileTrigger>
            <label>
              <LabelText as="span">{w.text('recipeImport.orPasteIt')}</LabelText>
              <textarea
                value={text}
                onChange={(e) => {
                  setText(e.target.value);
                }}
                spellCheck={false}
              />
            </label>
            {fault === undefined ? null : <FaultNote role="alert">{fault}</FaultNote>}
            <Button
              $tone="main"
              isDisabled={text.trim() === ''}
              onPress={() => {
                take(text);
              }}
            >
              {w.text('recipeImport.readIt')}
            </Button>
          </Source>
        </Panel>
      )}
    </Page>
  );
}
