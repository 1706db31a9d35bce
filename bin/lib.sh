# Shared by the commands here: where we are, where the app is built, and how it is run.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
JAR=server/target/eventide-app.jar
# The same unpacked: it starts in a third of the time, with what the Java machine learnt of its classes kept beside it.
APP=server/target/app/eventide-app.jar
CLASSES=server/target/app/eventide.jsa
MVN="mvn -B -q -ntp"
export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1

# Together under 700 MB; out of memory ends the process at once, and it is brought up again. On two cores the parallel
# collector does more in the same time. What a search makes is dead when it has answered: the young part is large enough that
# nothing of it grows old, and keeps its size; what is brought in from a file, with its pictures, needs the old one. The compiler
# takes a core from the first questions for as long as it works: inlining less halves that and costs the later ones nothing measured.
JAVA_FLAGS=(-Xms430m -Xmx430m -Xmn165m -XX:SurvivorRatio=5 -XX:-UseAdaptiveSizePolicy -XX:MaxMetaspaceSize=160m
  -XX:ReservedCodeCacheSize=96m -XX:LiveNodeCountInliningCutoff=8000 -XX:InlineSmallCode=800 -XX:+UseParallelGC -XX:+ExitOnOutOfMemoryError)
export MALLOC_ARENA_MAX=2
# Left by an app that says why it does not start: trying again would not help.
CANNOT_START=78

say() { printf '%s\n' "Even Tide: $*"; }

# Builds the app where it is missing or older than its sources.
build_app() {
  if [ -f "$APP" ] && [ -z "$(find pom.xml core/src/main core/pom.xml picture/src/main picture/pom.xml web/src web/pom.xml web/package.json web/index.html server/src/main server/pom.xml docs/openapi.json -newer "$JAR.stamp" -print -quit 2>/dev/null || echo missing)" ]; then
    return
  fi
  say "building (the first time fetches its libraries and takes some minutes)…"
  $MVN package -pl core,picture,web,server -DskipTests
  unpack_app
  touch "$JAR.stamp"
}

unpack_app() {
  rm -rf server/target/app
  java -Djarmode=tools -jar "$JAR" extract --destination server/target/app
  local data
  data=$(mktemp -d)
  # Without the archive it only starts more slowly.
  java "${JAVA_FLAGS[@]}" -XX:ArchiveClassesAtExit="$CLASSES" -Xlog:cds=off -Xlog:cds+dynamic=off -Dspring.context.exit=onRefresh \
    -jar "$APP" --server.port=0 --eventide.data="$data" >/dev/null 2>&1 || true
  rm -rf "$data"
}

is_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# The first free port from $1 on.
free_port() {
  local port=$1
  while is_taken "$port"; do
    port=$((port + 1))
  done
  printf '%s' "$port"
}

# run_app DATA PORT ARGUMENT…: until Ctrl-C; an app that dies of anything but its own refusal is brought up again.
run_app() {
  local data=$1 port=$2 server=0 ended=0
  shift 2
  stop() {
    kill -TERM "$server" 2>/dev/null || true
    wait "$server" 2>/dev/null || true
    say "stopped"
    exit 0
  }
  trap stop INT TERM
  while true; do
    java "${JAVA_FLAGS[@]}" -XX:SharedArchiveFile="$CLASSES" -Xshare:auto -Xlog:cds=off -Xlog:cds+dynamic=off \
      -jar "$APP" --server.port="$port" --eventide.data="$data" "$@" &
    server=$!
    ended=0
    wait "$server" || ended=$?
    if [ "$ended" -eq 0 ] || [ "$ended" -eq "$CANNOT_START" ]; then
      exit "$ended"
    fi
    say "it ended by itself ($ended) and is started again; eventide.log in the data folder says more"
    sleep 1
  done
}
