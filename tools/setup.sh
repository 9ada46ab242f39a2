# What ./roughcut, ./verify and ./benchmark share: installing what is missing, building, starting. Sourced, not run.
PATH="$PATH:/usr/sbin:/sbin"
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)

# need_packages PROBE PACKAGE…: installs the packages when the probe command fails.
need_packages() {
  local probe=$1
  shift
  if eval "$probe" >/dev/null 2>&1; then return 0; fi
  local line="apt-get update && apt-get install -y --no-install-recommends $*"
  if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
    echo "installing $*" >&2
    { apt-get update && DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "$@"; } >/tmp/rough-cut-apt.log 2>&1 ||
      { tail -5 /tmp/rough-cut-apt.log >&2; echo "could not install $*; try: $line" >&2; exit 2; }
  elif command -v apt-get >/dev/null && sudo -n true 2>/dev/null; then
    echo "installing $*" >&2
    sudo -n sh -c "DEBIAN_FRONTEND=noninteractive; export DEBIAN_FRONTEND; $line" >/tmp/rough-cut-apt.log 2>&1 ||
      { tail -5 /tmp/rough-cut-apt.log >&2; echo "could not install $*; try: sudo sh -c '$line'" >&2; exit 2; }
  else
    echo "Rough Cut needs $*. Please run: sudo sh -c '$line'" >&2
    exit 2
  fi
}

java_is_right() { javac -version 2>&1 | grep -qE '^javac (1[7-9]|[2-9][0-9])'; }

need_java() {
  need_packages java_is_right openjdk-17-jdk-headless
  need_packages 'command -v mvn' maven
}

need_windows() {
  need_packages 'ldconfig -p | grep -q libgtk-3.so.0' libgtk-3-0
  need_packages 'ldconfig -p | grep -q libXtst.so.6' libxtst6
  need_packages 'ldconfig -p | grep -q libXxf86vm.so.1' libxxf86vm1
  need_packages 'ldconfig -p | grep -q libGL.so.1' libgl1
  need_packages 'ldconfig -p | grep -q libfreetype.so.6' libfreetype6
  need_packages 'ldconfig -p | grep -q libfontconfig.so.1' libfontconfig1
  if [ -z "${DISPLAY:-}" ] || [ "${1:-}" = always ]; then need_packages 'command -v Xvfb' xvfb; fi
}

# Builds when a source is newer than the last build.
build_when_older() {
  local mark="$root/desktop/target/built"
  if [ -f "$mark" ] && [ -z "$(find "$root/pom.xml" "$root"/core/pom.xml "$root"/desktop/pom.xml "$root"/core/src/main "$root"/desktop/src/main -newer "$mark" -print -quit)" ]; then
    return 0
  fi
  echo "building …" >&2
  (cd "$root" && mvn -q -B -ntp -DskipTests -Dmaven.test.skip -Dspotless.check.skip package -pl core,desktop) >&2
  rm -f "$root"/desktop/target/*.jsa
  touch "$mark"
}

version=$(sed -n "s:.*<version>\(.*\)</version>.*:\1:p" "$root/pom.xml" | head -1)
run_path() { cat "$root/desktop/target/run-path.txt"; }
core_path() { echo "$root/core/target/core-$version.jar:$(run_path | tr ':' '\n' | grep -vE '/(org/openjfx|io/github/mkpaz)/' | paste -sd:)"; }
fx_path() { run_path | tr ':' '\n' | grep '/org/openjfx/' | paste -sd:; }
desktop_path() { echo "$root/core/target/core-$version.jar:$root/desktop/target/desktop-$version.jar:$(run_path | tr ':' '\n' | grep -v '/org/openjfx/' | paste -sd:)"; }

# shared_classes NAME: Java's flags for an archive of classes as they lie in memory. The first start after a build writes it when it
# ends; every later start is faster by it. Where it doesn't fit any more Java goes on without.
shared_classes() {
  local archive="$root/desktop/target/$1.jsa"
  if [ -f "$archive" ]; then echo "-Xshare:auto -XX:SharedArchiveFile=$archive"; elif [ -w "$root/desktop/target" ]; then echo "-XX:ArchiveClassesAtExit=$archive"; fi
  echo "-Xlog:disable -Xlog:all=off"
}

# Starts the windows; without a display they open on an invisible one, and that is said.
run_windows() {
  local start=(java -XX:TieredStopAtLevel=1 -XX:+UseSerialGC $(shared_classes windows) ${ROUGHCUT_JAVA:-}
    --module-path "$(fx_path)" --add-modules javafx.controls -cp "$(desktop_path)" roughcut.desktop.Main "$@")
  if [ -n "${DISPLAY:-}" ]; then
    exec "${start[@]}"
  fi
  if [ "${1:-}" != screenshots ]; then
    echo "There is no display here: running on an invisible one (Xvfb). Ctrl+C ends it." >&2
  fi
  xvfb_run "${start[@]}"
}

# xvfb_run COMMAND…: runs it on an invisible display of its own.
xvfb_run() {
  local display_file
  display_file=$(mktemp)
  Xvfb -displayfd 3 -screen 0 1600x1000x24 -dpi 96 -nolisten tcp 3>"$display_file" >/dev/null 2>&1 &
  local server=$!
  for _ in $(seq 100); do
    [ -s "$display_file" ] && break
    sleep 0.05
  done
  local status=0
  DISPLAY=":$(cat "$display_file")" "$@" || status=$?
  kill "$server" 2>/dev/null || true
  rm -f "$display_file"
  return "$status"
}
