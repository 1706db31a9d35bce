#!/usr/bin/env bash
# Builds the screens with the machine's own node and npm; does nothing where nothing has changed.
set -euo pipefail
cd "$(dirname "$0")"

stamp() { find package.json package-lock.json "$@" -type f -print0 2>/dev/null | sort -z | xargs -0 sha256sum | sha256sum; }

lock=$(sha256sum package-lock.json)
if [ ! -d node_modules ] || [ "$(cat node_modules/.stamp 2>/dev/null)" != "$lock" ]; then
  echo "Fetching the screens' libraries…"
  # Not "npm ci": it refuses a lock whose optional builds for other platforms were not all served.
  npm install --no-save --no-audit --no-fund --loglevel=error
  echo "$lock" > node_modules/.stamp
fi

sources=$(stamp src index.html vite.config.ts bundles.ts tsconfig.json ../docs/openapi.json)
if [ "$(cat dist/.stamp 2>/dev/null)" != "$sources" ]; then
  echo "Building the screens…"
  npx openapi-typescript ../docs/openapi.json -o /tmp/eventide-schema-$$.d.ts >/dev/null
  if ! cmp -s /tmp/eventide-schema-$$.d.ts src/api/schema.d.ts; then
    rm -f /tmp/eventide-schema-$$.d.ts
    echo "src/api/schema.d.ts does not match docs/openapi.json: run 'npm run api' in web/." >&2
    exit 1
  fi
  rm -f /tmp/eventide-schema-$$.d.ts
  npm run --silent build
  echo "$sources" > dist/.stamp
fi
