import { outlookText } from './outlookText';
import { type StageProps } from './stageProps';
import { Drawn, Outlook, StagePanel } from './stoveLayout';
import { batchOf } from '@/core/steps';
import { Mute } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';
import { lazyHydrated, Unboxed } from '@/ui/lazy';

const AllSteps = lazyHydrated(async () => (await import('./StepLists')).AllSteps);
const HoldPanel = lazyHydrated(async () => (await import('./HoldPanel')).HoldPanel);
const SaucePanel = lazyHydrated(async () => (await import('./SaucePanel')).SaucePanel);
const CoolPanel = lazyHydrated(async () => (await import('./CoolPanel')).CoolPanel);
const PanMap = lazyHydrated(async () => (await import('@/ui/drawings/PanMap')).PanMap);
const PotSection = lazyHydrated(async () => (await import('@/ui/drawings/PotSection')).PotSection);

/** What goes with the step in hand, before the lid is on and after it comes off. */
export function ThisStage(props: StageProps) {
  const { view, state, conducted, now } = props;
  const w = useWords();
  const { stage } = conducted;
  const batchNumber = (conducted.now && batchOf(conducted.now.step.id)) ?? 1;
  const searBatch = view.plan.sear.batches[batchNumber - 1];
  return (
    <StagePanel aria-label={w.text('cookScreen.thisStage')}>
      <Outlook>
        <span>{outlookText(w, conducted, now)}</span>
        {state.offHeatMs === undefined ? (
          <Mute>
            {w.text('cookScreen.inThePot', {
              at: w.clockBeside(conducted.intoPotMs, now),
              ready: Number.isFinite(conducted.headline.atMs)
                ? w.clockBeside(conducted.headline.atMs, now)
                : w.text('common.later'),
            })}
          </Mute>
        ) : conducted.outlook.served ? null : (
          <Mute>
            {w.text('conduct.headline', { says: conducted.headline.says })}{' '}
            {w.clockBeside(conducted.headline.atMs, now)}
          </Mute>
        )}
      </Outlook>
      {conducted.outlook.ways.map((way) => (
        <p key={JSON.stringify(way)}>{w.title(way)}</p>
      ))}
      {stage === 'sear' && searBatch ? (
        <PanMap
          box={Drawn}
          pan={view.plan.input.pan}
          batch={searBatch}
          number={batchNumber}
          batches={view.plan.sear.batches.length}
          pieces={view.plan.parts.reduce((sum, p) => sum + p.part.pieces, 0)}
        />
      ) : null}
      {stage === 'liquid' ? (
        <PotSection
          box={Drawn}
          pot={view.plan.pot}
          liquidL={view.plan.liquidL}
          evaporationMlPerHour={view.plan.liquid.water.perHour.value * 1000}
          heat={state.heat}
          lid={state.lid}
        />
      ) : null}
      {conducted.keptWarm ? <HoldPanel box={Unboxed} {...props} /> : null}
      {(stage === 'finish' || stage === 'serve') && !conducted.keptWarm ? (
        <SaucePanel box={Unboxed} {...props} />
      ) : null}
      {stage === 'store' ? <CoolPanel box={Unboxed} {...props} /> : null}
      <AllSteps
        box={Unboxed}
        conducted={conducted}
        stages={state.offHeatMs === undefined ? ['ready', 'sear', 'base', 'liquid'] : ['finish', 'serve', 'store']}
      />
    </StagePanel>
  );
}
