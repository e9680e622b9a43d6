#!/usr/bin/env bash
# Draws the sample's pictures anew and links them: samples/pictures/ and samples/hollow-lane.pandel.
set -eu
home=$(cd "$(dirname "$0")/.." && pwd)
"$home/pandel" --version >/dev/null
lib="$home/cli/target/lib"
modules=$(find "$lib" -name 'javafx-*-linux*.jar' -o -name 'javafx-*-mac*.jar' -o -name 'javafx-*-win*.jar' | paste -sd: -)
others=$(find "$lib" -name '*.jar' ! -name 'javafx-*' | paste -sd: -)
java=${JAVA_HOME:-}/bin/java
[ -x "$java" ] && "$java" --version | head -1 | grep -qE ' (2[5-9]|[3-9][0-9])' || java=$(ls -d /usr/lib/jvm/*25*/bin/java | head -1)
exec "$java" -Dglass.platform=Headless -Dprism.order=sw -Djava.awt.headless=true --enable-native-access=javafx.graphics \
  --module-path "$modules" --add-modules javafx.controls -cp "$others" "$home/samples/draw/DrawSamples.java" "$home/samples"
