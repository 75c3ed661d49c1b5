'use client';

import { RECORD_UI, type SheetRecord } from './records';
import { type SheetProps } from './RecordSheets';
import { Sheet } from '@/ui/controls/Sheet';
import { useWords } from '@/ui/KitchenContext';

/** The form for one kind of record; closes once it is recorded. */
export function RecordSheet({
  kind,
  ...props
}: SheetProps & { readonly kind: SheetRecord | undefined; readonly onClose: () => void }) {
  const w = useWords();
  const Body = kind === undefined ? undefined : RECORD_UI[kind].Sheet;
  return (
    <Sheet
      title={kind === undefined ? '' : w.text(`record.${kind}.title`)}
      isOpen={kind !== undefined}
      onClose={props.onClose}
    >
      {Body ? (
        <Body
          {...props}
          onRecord={(...said) => {
            props.onRecord(...said);
            props.onClose();
          }}
        />
      ) : null}
    </Sheet>
  );
}
