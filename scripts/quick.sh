#!/usr/bin/env bash
# What a small change needs before a commit: types, lint and the unit tests that can notice it. ./check does everything.
set -uo pipefail
cd "$(dirname "$0")/.."
files=$({ git diff --name-only --diff-filter=d HEAD; git ls-files --others --exclude-standard; } | grep -E '^(src|e2e|scripts)/.*\.(ts|tsx|mjs)$' | sort -u)
failed=0
npx --no-install tsc --noEmit || failed=1
if [ -n "$files" ]; then
  # shellcheck disable=SC2086
  npx --no-install prettier --check --log-level warn $files && npx --no-install eslint --max-warnings 0 $files || failed=1
  # shellcheck disable=SC2086
  npx --no-install vitest related --run --project pure --project unit --reporter=dot $files || failed=1
fi
used=$(mktemp)
times >"$used"
awk 'END { print "CPU time: user " $1 ", system " $2 }' "$used"
rm -f "$used"
exit "$failed"
