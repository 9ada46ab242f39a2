# What ./roughcut, ./verify and ./benchmark share: installing what is missing, building, starting. Sourced, not run.
PATH="$PATH:/usr/sbin:/sbin"
# Names of files may have any letters, whatever the shell's locale says.
case "${LC_ALL:-${LC_CTYPE:-${LANG:-}}}" in *UTF-8* | *utf8*) ;; *) export LC_ALL=C.UTF-8 ;; esac
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

# has_library NAME: whether the system's loader finds it. Its list is read once, and whole: a reader that stops at the first hit
# would leave ldconfig with a broken pipe, which pipefail takes for “not there”.
has_library() {
  [ -n "${libraries:-}" ] || libraries=$(ldconfig -p 2>/dev/null || true)
  case "$libraries" in *"$1"*) return 0 ;; *) return 1 ;; esac
}

need_windows() {
  need_packages 'has_library libgtk-3.so.0' libgtk-3-0
  need_packages 'has_library libXtst.so.6' libxtst6
  need_packages 'has_library libXxf86vm.so.1' libxxf86vm1
  need_packages 'has_library libGL.so.1' libgl1
  need_packages 'has_library libfreetype.so.6' libfreetype6
  need_packages 'has_library libfontconfig.so.1' libfontconfig1
  if [ -z "${DISPLAY:-}" ] || [ "${1:-}" = always ]; then need_packages 'command -v Xvfb' xvfb; fi
}

# What the program is built from, as one number: names and contents, not times, which a copy or a checkout changes.
sources_sum() {
  (cd "$root" && find pom.xml core/pom.xml desktop/pom.xml core/src/main desktop/src/main -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum)
}

# mark_built: what is built now was built from these sources.
mark_built() { sources_sum >"$root/desktop/target/built"; }

# Builds when the sources differ from those of the last build.
build_when_older() {
  local mark="$root/desktop/target/built"
  # Built here, it runs here: asking Java for its version would take a third of a second at every start.
  if [ -f "$mark" ] && [ -f "$root/core/target/core-$version.jar" ] && command -v java >/dev/null && [ "$(cat "$mark")" = "$(sources_sum)" ]; then
    return 0
  fi
  need_java
  echo "building …" >&2
  (cd "$root" && mvn -q -B -ntp -DskipTests -Dmaven.test.skip -Dspotless.check.skip package -pl core,desktop) >&2
  rm -f "$root"/desktop/target/*.jsa
  mark_built
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

# The toolkit holds the pictures of closed windows softly: half an hour long as Java comes, a second or two with this (docs/stress.md).
let_go=-XX:SoftRefLRUPolicyMSPerMB=1

# Windows open fast and stay open for hours: compiled quickly at first, and to the end only what is asked for again and again.
compile='-XX:Tier3DelayOn=0 -XX:Tier4InvocationThreshold=50000 -XX:Tier4MinInvocationThreshold=8000 -XX:Tier4CompileThreshold=100000 -XX:Tier4BackEdgeThreshold=400000'

# Starts the windows; without a display they open on an invisible one, and that is said.
run_windows() {
  local start=(java $compile -XX:+UseSerialGC $let_go $(shared_classes windows) ${ROUGHCUT_JAVA:-}
    --module-path "$(fx_path)" --add-modules javafx.controls -cp "$(desktop_path)" roughcut.desktop.Main "$@")
  if [ -n "${DISPLAY:-}" ]; then
    exec "${start[@]}"
  fi
  if [ "${1:-}" != screenshots ]; then
    echo "There is no display here: running on an invisible one (Xvfb). Ctrl+C ends it." >&2
  fi
  xvfb_run "${start[@]}"
}

# xvfb ARGUMENT…: an invisible display. -r: a key held down while the program thinks isn't pressed again by it.
xvfb() { exec Xvfb "$@" -r -screen 0 1600x1000x24 -dpi 96 -nolisten tcp; }

# xvfb_run COMMAND…: runs it on an invisible display of its own.
xvfb_run() {
  local display_file
  display_file=$(mktemp)
  xvfb -displayfd 3 3>"$display_file" >/dev/null 2>&1 &
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

# displays COUNT COMMAND…: runs it with -Dwindows.display=:N and -Dwindows.count=COUNT added, where :N1, :N2 … are invisible displays of its own.
displays() {
  local count=$1 number each status=0
  local -a running=()
  shift
  for number in $(seq 40 90); do
    compgen -G "/tmp/.X11-unix/X${number}[0-9]" >/dev/null || break
  done
  for each in $(seq "$count"); do
    xvfb ":$number$each" >/dev/null 2>&1 &
    running+=($!)
  done
  for each in $(seq "$count"); do
    for _ in $(seq 100); do
      [ -e "/tmp/.X11-unix/X$number$each" ] && break
      sleep 0.05
    done
  done
  "$@" "-Dwindows.display=:$number" "-Dwindows.count=$count" || status=$?
  kill "${running[@]}" 2>/dev/null || true
  return "$status"
}
