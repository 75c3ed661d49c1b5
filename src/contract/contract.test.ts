import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { actSchema, newEventSchema } from './cook';
import { readFile } from './files';
import { planInputSchema } from './plan';
import { cookFile, fileStem, planFile } from '../core/formats/files';
import { NOON_MS, OXTAIL_PLAN } from '../testing/fixtures';

const into = { id: randomUUID(), cookId: 'x', atMs: NOON_MS, act: { kind: 'intoPot' as const } };

describe('the contract', () => {
  it('takes a plan’s input and refuses one with a field too many or too few', () => {
    expect(planInputSchema.parse(OXTAIL_PLAN)).toEqual(OXTAIL_PLAN);
    expect(planInputSchema.safeParse({ ...OXTAIL_PLAN, secret: 1 }).success).toBe(false);
    expect(planInputSchema.safeParse({ ...OXTAIL_PLAN, title: '  ' }).success).toBe(false);
    expect(planInputSchema.safeParse({ ...OXTAIL_PLAN, eaters: Infinity }).success).toBe(false);
  });

  it('says in a sentence what is wrong with an act', () => {
    const parsed = actSchema.safeParse({ kind: 'probe', tempC: 400, nearBone: false });
    expect(parsed.error?.issues[0]?.message).toBe('Reading: a probe in meat shows -5 to 110 °C.');
    expect(actSchema.safeParse({ kind: 'note', text: '' }).error?.issues[0]?.message).toContain('write something');
  });

  it('wants ids that cannot be guessed to collide', () => {
    expect(newEventSchema.safeParse({ id: '1', atMs: NOON_MS, act: { kind: 'turned' } }).success).toBe(false);
  });
});

describe('files', () => {
  it('come back as they went out', () => {
    const plan = readFile(JSON.stringify(planFile(OXTAIL_PLAN)));
    expect(plan.ok && plan.file).toEqual(planFile(OXTAIL_PLAN));
    const cook = readFile(JSON.stringify(cookFile(OXTAIL_PLAN, [into])));
    expect(cook.ok && cook.file).toEqual(cookFile(OXTAIL_PLAN, [into]));
  });

  it.each([
    ['not JSON', 'hello', /not JSON/],
    ['someone else’s JSON', '{"name": "stew"}', /not an Even Ember plan/],
    ['another version', JSON.stringify({ ...planFile(OXTAIL_PLAN), version: 99 }), /version 99/],
    [
      'a damaged one',
      JSON.stringify({ ...planFile(OXTAIL_PLAN), input: { ...OXTAIL_PLAN, lid: 'cling film' } }),
      /“input.lid”/,
    ],
    ['a list', '[]', /not an Even Ember plan/],
  ])('refuse %s with a sentence', (_, text, message) => {
    const read = readFile(text);
    expect(read.ok).toBe(false);
    expect(!read.ok && read.message).toMatch(message);
  });

  it('get names a file system takes', () => {
    expect(fileStem('Oxtail in stout & prune!')).toBe('oxtail-in-stout-prune');
    expect(fileStem('煮込み')).toBe('braise');
  });
});
