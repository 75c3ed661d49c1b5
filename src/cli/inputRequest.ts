import { type BraiseInput, type FollowRecord } from '../contract/braise';
import { type BraiseRequest, type Observation } from '../core/forecast';
import { cutById } from '../core/larder';
import { usualVegetables } from '../core/material';

/** The engine's request for a checked input. */
export function requestOfInput(input: BraiseInput): BraiseRequest {
  const { cut, groups, vegetablesKg, ...rest } = input;
  return {
    ...rest,
    cut: cutById(cut),
    groups: groups.map(({ cut: own, ...group }) => (own === undefined ? group : { ...group, cut: cutById(own) })),
    vegetables: usualVegetables(vegetablesKg),
  };
}

/** The request as changed by the acts and checks in `records`, and what was observed. */
export function requestAfter(
  request: BraiseRequest,
  records: readonly FollowRecord[],
): { readonly request: BraiseRequest; readonly observations: Observation[] } {
  const at = <K extends FollowRecord['kind']>(kind: K): Extract<FollowRecord, { kind: K }>[] =>
    records.filter((r): r is Extract<FollowRecord, { kind: K }> => r.kind === kind);
  return {
    request: {
      ...request,
      heats: [...request.heats, ...at('heat').map(({ atMin, heat }) => ({ atMin, heat }))].sort(
        (a, b) => a.atMin - b.atMin,
      ),
      lids: [...request.lids, ...at('lid').map(({ atMin, lid }) => ({ atMin, lid, recorded: true }))],
      turnsAtMin: [...request.turnsAtMin, ...at('turned').map((r) => r.atMin)],
      openings: [...request.openings, ...at('opened').map(({ atMin, seconds }) => ({ atMin, seconds }))],
      topUps: [...request.topUps, ...at('topUp').map(({ atMin, litres, tempC }) => ({ atMin, litres, tempC }))],
    },
    observations: [
      ...records.flatMap((r): Observation[] => {
        switch (r.kind) {
          case 'fork':
          case 'probe':
          case 'liquidTemp':
          case 'simmering':
          case 'level':
            return [r];
          default:
            return [];
        }
      }),
    ],
  };
}
