# Shared by the commands here: where we are, and where the app is built.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
APP=server/target/eventide-app.jar
MVN="mvn -B -q -ntp"
export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1

say() { printf '%s\n' "Even Tide: $*"; }

# Builds the app where it is missing or older than its sources.
build_app() {
  if [ -f "$APP" ] && [ -z "$(find pom.xml core/src/main core/pom.xml web/src web/pom.xml web/package.json web/index.html server/src/main server/pom.xml docs/openapi.json -newer "$APP.stamp" -print -quit 2>/dev/null || echo missing)" ]; then
    return
  fi
  say "building (the first time fetches its libraries and takes some minutes)…"
  $MVN package -pl core,web,server -DskipTests
  touch "$APP.stamp"
}
