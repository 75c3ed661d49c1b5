# Shared by ./start and ./check: what a fresh machine lacks, installed or said in a sentence.

say_missing() { echo "$1" >&2; exit 2; }

prepare_packages() {
  command -v node >/dev/null || say_missing "Node.js 20.19 or newer is missing: install it first."
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' ||
    say_missing "Node.js 20.19 or newer is needed; this is $(node --version)."
  local stamp=node_modules/.even-ember-lock
  if ! cmp -s package-lock.json "$stamp" 2>/dev/null; then
    for tool in python3 make g++; do
      command -v "$tool" >/dev/null ||
        say_missing "'$tool' is missing: sqlite3 is compiled here. On Debian: apt-get install -y python3 make g++"
    done
    echo "Installing packages (a few minutes the first time)…"
    npm ci --no-audit --no-fund --loglevel=error
    cp package-lock.json "$stamp"
  fi
  node -e 'require("sqlite3")' 2>/dev/null || {
    echo "Compiling sqlite3…"
    npm rebuild sqlite3 --loglevel=error
    node -e 'require("sqlite3")' || say_missing "sqlite3 was compiled but cannot be loaded; see the message above."
  }
}

# Builds when a source is newer than the last build.
prepare_build() {
  local stamp=.next/even-ember-built
  if [ ! -f "$stamp" ] || [ -n "$(find src public scripts/build-engine.mjs scripts/build-offline.mjs scripts/build-licences.mjs next.config.ts tsconfig.json package-lock.json -newer "$stamp" -print -quit)" ]; then
    echo "Building…"
    NEXT_TELEMETRY_DISABLED=1 npm run -s build
    touch "$stamp"
  fi
}

prepare_browser() {
  if ! command -v chromium >/dev/null || ! command -v chromedriver >/dev/null; then
    command -v apt-get >/dev/null || say_missing "Chromium and ChromeDriver are missing and this is not Debian: install both first."
    echo "Installing Chromium…"
    local as_root=()
    [ "$(id -u)" -eq 0 ] || as_root=(sudo)
    "${as_root[@]}" apt-get update -qq
    DEBIAN_FRONTEND=noninteractive "${as_root[@]}" apt-get install -y -qq chromium chromium-driver >/dev/null
  fi
}
