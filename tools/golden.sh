#!/usr/bin/env bash
# Writes what the demos' plans and drawings say anew, for GoldenTest; what changed is then read in git diff, line by line.
set -euo pipefail
source "$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)/setup.sh"
need_java
(cd "$root" && mvn -q -B -ntp -Dspotless.check.skip test-compile -pl core org.apache.maven.plugins:maven-dependency-plugin:3.8.1:build-classpath -Dmdep.outputFile=target/test-path.txt) >&2
java -Duser.language=de -cp "$root/core/target/test-classes:$root/core/target/classes:$(cat "$root/core/target/test-path.txt")" roughcut.golden.Golden "$root/core/src/test/resources/golden"
