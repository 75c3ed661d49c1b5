export const DECISIONS = ['meat', 'pot', 'sear', 'base', 'liquid', 'heat', 'finish', 'serve'] as const;

export type Decision = (typeof DECISIONS)[number];
