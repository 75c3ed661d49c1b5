import { type Step } from './step';

/** A file of version 1 has an input of version 1; a file of 2 has one of 2. */
const secondInput: Step = (file) => ({ ...file, version: 2, inputVersion: 1 });

/** From 3 on a file states the version of each part, and a cook is called a braise. */
const partsSayTheirVersion: Step = (file) => ({
  inputVersion: 2,
  ...file,
  version: 3,
  ...(file.format === 'even-ember/cook' ? { format: 'even-ember/braise', actVersion: 1 } : {}),
});

export const FILE_STEPS: readonly Step[] = [secondInput, partsSayTheirVersion];
