#!/usr/bin/env bash
# Runs the benchmarks: bench/run.sh [JMH arguments], for one bench/run.sh CheckBench. Without arguments it then times the start of
# the program. bench/run.sh growth plots how the check grows, into docs/check-growth.png.
# bench/run.sh map prints how well the ways of the map can be followed, beside those of Graphviz (`dot`) where that is installed.
set -eu
home=$(cd "$(dirname "$0")/.." && pwd)
cd "$home"
mvn -q -B -DskipTests -pl bench -am package >&2
java=${JAVA_HOME:-}/bin/java
[ -x "$java" ] && "$java" --version | head -1 | grep -qE ' (2[5-9]|[3-9][0-9])' || java=$(ls -d /usr/lib/jvm/*25*/bin/java | head -1)
classes="bench/target/pandel-bench-0.1.0.jar:$(find bench/target/lib -name '*.jar' | paste -sd: -)"
if [ "${1:-}" = growth ]; then
  exec "$java" -Xmx1g -Djava.awt.headless=true -cp "$classes" pandel.bench.Growth docs/check-growth.png
fi
if [ "${1:-}" = map ]; then
  exec "$java" -Xmx1g -Djava.awt.headless=true -cp "$classes" pandel.bench.MapLegibility samples/*.pandel
fi
"$java" -cp "$classes" org.openjdk.jmh.Main "$@"
[ $# -eq 0 ] || exit 0
"$home/pandel" --version >/dev/null
seconds() { python3 - "$@" <<'P' 2>/dev/null || true
import subprocess, sys, time
times = []
for _ in range(5):
    start = time.perf_counter()
    subprocess.run(sys.argv[1:], stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
    times.append(time.perf_counter() - start)
print("%s: median of 5: %.2f s" % (" ".join(sys.argv[1:])[-60:], sorted(times)[2]))
P
}
seconds "$home/pandel" --version
seconds "$home/pandel" check "$home/samples/hollow-lane.pandel"
seconds "$home/pandel" measure start "$home/samples/hollow-lane.pandel"
