import { run } from './run';

const { stdout, stderr, code } = run(process.argv.slice(2));
process.stdout.write(stdout);
process.stderr.write(stderr);
process.exitCode = code;
