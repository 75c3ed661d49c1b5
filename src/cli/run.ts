import * as z from 'zod';
import { calibrate } from './calibrate';
import { fitText } from './fit';
import { readJson, UsageError } from './io';
import { planFrom } from './plan';
import { requestOfInput, requestAfter } from './inputRequest';
import { braiseSchema, followSchema, forecastAnswerSchema } from '../contract/braise';
import { planInputSchema } from '../contract/plan';
import { answerOf } from '../core/plan';
import { advance, bestMeasurement, etaOf, lidLiftCostMin, priorEnsemble, summarise } from '../core/forecast';
import { CUTS } from '../core/larder';

const HELP = `ember <command> [file|-]

  forecast [file|-]   forecast for a braise request (JSON in, JSON out)
  follow [file|-]     {"request": …, "records": […]} to the forecast after each record
  plan [file|-]       a plan's input, bare in its present shape or as a plan file, to the whole plan in JSON, every figure with its reason
  calibrate [--text]  simulated kitchens and kitchen practice against the forecast
  fit                 the cook value that each cut's usual times imply
  schema              JSON Schema of request, follow, answer and plan input
  cuts                the table of cuts
  --help              this text

Quantities are SI, minutes count from the moment the pieces meet the liquid.
Answers go to standard output with exit 0; faults to standard error, a sentence each, with exit 2.
`;

const finite = (x: number): number | null => (Number.isFinite(x) ? Math.round(x * 10) / 10 : null);

function forecast(file: string | undefined): unknown {
  const input = readJson(file, braiseSchema);
  return answerOf(priorEnsemble(requestOfInput(input), { particles: input.particles }), input.chanceAtMin);
}

function follow(file: string | undefined): unknown {
  const { request: input, records } = readJson(file, followSchema);
  const late = records.findIndex((r, i) => i > 0 && r.atMin < (records[i - 1]?.atMin ?? 0));
  if (late > 0) throw new UsageError([`records.${String(late)}.atMin: must not lie before the record above it.`]);
  const request = requestOfInput(input);
  let ensemble = priorEnsemble(request, { particles: input.particles });
  const row = (atMin: number, kind: string): unknown => {
    const twists = etaOf(summarise(ensemble), 'twists');
    const best = bestMeasurement(ensemble, atMin, lidLiftCostMin(ensemble.request, atMin + 5, 60));
    return {
      atMin,
      kind,
      twists: { p10Min: finite(twists.p10), p50Min: finite(twists.p50), p90Min: finite(twists.p90) },
      teachesMost:
        best === undefined
          ? null
          : {
              kind: best.kind,
              atMin: finite(best.atMin),
              windowMin: finite(best.widthMin),
              expectedWindowMin: finite(best.expectedWidthMin),
              costMin: finite(best.costMin),
            },
    };
  };
  const steps = [row(0, 'start')];
  records.forEach((record, i) => {
    const after = requestAfter(request, records.slice(0, i + 1));
    ensemble = advance(ensemble, after.request, after.observations);
    steps.push(row(record.atMin, record.kind));
  });
  return { version: 2, steps };
}

function schema(): unknown {
  return {
    request: z.toJSONSchema(braiseSchema, { io: 'input' }),
    follow: z.toJSONSchema(followSchema, { io: 'input' }),
    answer: z.toJSONSchema(forecastAnswerSchema),
    plan: z.toJSONSchema(planInputSchema, { io: 'input' }),
  };
}

function answer(args: readonly string[]): string {
  const [command, file] = args;
  const json = (data: unknown): string => `${JSON.stringify(data, null, 1)}\n`;
  switch (command) {
    case 'forecast':
      return json(forecast(file));
    case 'follow':
      return json(follow(file));
    case 'plan':
      return json(planFrom(file));
    case 'calibrate': {
      const result = calibrate();
      return file === '--text' ? result.text : json(result.data);
    }
    case 'fit':
      return fitText();
    case 'schema':
      return json(schema());
    case 'cuts':
      return json(CUTS);
    case undefined:
    case '--help':
    case '-h':
      return HELP;
    default:
      throw new UsageError([
        `There is no command “${command}”: one of forecast, follow, plan, calibrate, fit, schema, cuts.`,
      ]);
  }
}

/** Output and exit code of a command. */
export interface Outcome {
  readonly stdout: string;
  readonly stderr: string;
  readonly code: 0 | 2;
}

/** Runs one command. User errors and our own faults alike become sentences, never a stack trace. */
export function run(args: readonly string[]): Outcome {
  try {
    return { stdout: answer(args), stderr: '', code: 0 };
  } catch (error) {
    const sentences =
      error instanceof UsageError ? error.sentences : ['Something went wrong inside; the input may be worth a report.'];
    return { stdout: '', stderr: `${sentences.join('\n')}\n`, code: 2 };
  }
}
