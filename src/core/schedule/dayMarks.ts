import { preheats } from './tasks';
import { litres, say } from '../message';
import { type DayInput, plus } from './dayShape';
import { type DayMark } from './dayShape';

export function dayMarks({ ready, work, turnAtMin, topUp }: DayInput, intoPotMs: number, startMs: number): DayMark[] {
  const marks: DayMark[] = [];
  for (const { id, stage } of preheats(work)) {
    marks.push({
      id,
      kind: 'oven',
      label: say(`task.light.${stage.heat}`),
      atMs: Math.max(startMs, plus(intoPotMs, stage.fromMin - stage.warmsMin)),
      why: say(stage.place === 'grill' ? 'mark.grillWarms' : 'mark.ovenWarms'),
    });
  }
  for (const [i, stage] of work.stages.entries()) {
    if (i === 0) continue;
    marks.push({
      id: `heat-${String(i + 1)}`,
      kind: 'heat',
      label: stage.says,
      atMs: plus(intoPotMs, stage.fromMin),
      why: say('mark.heat.why'),
    });
  }
  const half = turnAtMin ?? ready.p50 / 2;
  if (work.place === 'burner') {
    marks.push({
      id: 'simmer',
      kind: 'look',
      label: say('mark.bubbles'),
      atMs: plus(intoPotMs, 15),
      why: say('mark.bubbles.why'),
    });
  }
  marks.push({
    id: 'half',
    kind: turnAtMin !== undefined ? 'turn' : 'look',
    label: say(turnAtMin !== undefined ? 'mark.turn' : 'mark.level'),
    atMs: plus(intoPotMs, half),
    why: say(turnAtMin !== undefined ? 'mark.turn.why' : 'mark.level.why'),
  });
  if (topUp) {
    marks.push({
      id: 'topUp',
      kind: 'look',
      label: say('mark.topUp'),
      atMs: plus(intoPotMs, topUp.atMin),
      why: say('mark.topUp.why', { pour: litres(topUp.litres) }),
    });
  }
  for (const { adds, atMin } of work.looks) {
    if (!adds) continue;
    marks.push({
      id: `add-${adds.code}`,
      kind: 'add',
      label: adds,
      atMs: plus(intoPotMs, atMin),
      why: say('mark.add.why'),
    });
  }
  marks.push({
    id: 'test1',
    kind: 'test',
    label: say('mark.forkTest'),
    atMs: plus(intoPotMs, Math.max(ready.p10, half + 15)),
    why: say('mark.firstTest.why'),
  });
  if (ready.p50 - ready.p10 > 15) {
    marks.push({
      id: 'test2',
      kind: 'test',
      label: say('mark.forkTest'),
      atMs: plus(intoPotMs, ready.p50),
      why: say('mark.secondTest.why'),
    });
  }
  return marks;
}
