#!/usr/bin/env bash
# Makes a folder that holds the program with its own Java, to be copied to a machine that has none.
#   tools/image.sh DIR      DIR/rough-cut/bin/rough-cut starts it
set -euo pipefail
source "$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)/setup.sh"
to=${1:?"roughcut: ./roughcut image --to DIR"}
need_java
need_packages 'command -v jpackage && command -v objcopy' openjdk-17-jdk-headless binutils
build_when_older
if [ -e "$to/rough-cut" ]; then echo "roughcut: there is a $to/rough-cut already" >&2; exit 2; fi
parts=$(mktemp -d)
trap 'rm -rf "$parts"' EXIT
mkdir -p "$parts/app/fx" "$to"
cp "$root/core/target/core-$version.jar" "$root/desktop/target/desktop-$version.jar" "$parts/app/"
run_path | tr ':' '\n' | grep -v '/org/openjfx/' | while read -r jar; do cp "$jar" "$parts/app/"; done
# Only what has this machine's own libraries in it; the empty ones beside them would be modules of the same name.
fx_path | tr ':' '\n' | grep -E -- '-linux[a-z0-9-]*\.jar$' | while read -r jar; do cp "$jar" "$parts/app/fx/"; done
cp "$root/LICENSE" "$root/NOTICE" "$parts/app/"
jpackage --type app-image --name rough-cut --app-version "$version" --dest "$to" --input "$parts/app" \
  --main-jar "desktop-$version.jar" --main-class roughcut.desktop.Main \
  --add-modules java.base,java.desktop,java.logging,java.naming,java.sql,java.xml,java.scripting,jdk.unsupported,jdk.jfr,jdk.charsets,jdk.localedata \
  --java-options '--module-path' --java-options '$APPDIR/fx' --java-options '--add-modules=javafx.controls' \
  $(printf -- '--java-options %s ' $compile) --java-options '-XX:+UseSerialGC' --java-options "$let_go"
echo "$to/rough-cut/bin/rough-cut starts it; the folder needs nothing else."
