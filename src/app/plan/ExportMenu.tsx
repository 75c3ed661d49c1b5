'use client';

import { Download } from 'lucide-react';
import { type Plan } from '@/core/plan';
import { Button } from '@/ui/controls/Button';
import { MenuPlate, usePopover } from '@/ui/controls/usePopover';
import { useKitchen, useWords } from '@/ui/KitchenContext';

const SHEET = 'sheet';
/** The open formats for exporting a plan. */
const FILES = ['plan', 'calendar', 'text', 'recipe'] as const;

interface ExportMenuProps {
  readonly plan: Plan | undefined;
  readonly onSheet: () => void;
}

/** Taking the plan along: the prep sheet, or a file in one of the open formats. */
export function ExportMenu({ plan, onSheet }: ExportMenuProps) {
  const { renderedAtMs } = useKitchen();
  const w = useWords();
  const { open, triggerProps: face, plate } = usePopover('menu');
  const take = async (id: string): Promise<void> => {
    if (id === SHEET) {
      onSheet();
      return;
    }
    if (!plan) return;
    const { savePlan } = await import('./planFiles');
    savePlan(id, plan, w, (ms) => `${w.clock(ms)} ${w.dayFrom(ms, renderedAtMs)}`);
  };
  return (
    <>
      <Button {...face} aria-label={w.text('exportMenu.printOrExportThisPlan')} isDisabled={plan === undefined}>
        <Download size={18} aria-hidden />
      </Button>
      {open ? (
        <MenuPlate
          {...plate}
          label={w.text('exportMenu.printOrExport')}
          widthPx={330}
          items={[
            { id: SHEET, name: w.text('exportMenu.benchSheet'), note: w.text('exportMenu.toPrintOrToTick') },
            ...FILES.map((id) => ({ id, name: w.text(`file.${id}`), note: w.text(`file.${id}.what`) })),
          ]}
          onChoose={(id) => void take(id)}
        />
      ) : null}
    </>
  );
}
