#!/usr/bin/env bash
# Puts Rough Cut into the current user's menu, with its icon and its files; --remove takes all of it out again.
#   tools/install.sh [--remove]
set -euo pipefail
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
share=${XDG_DATA_HOME:-$HOME/.local/share}
entry=$share/applications/rough-cut.desktop
icon=$share/icons/hicolor/scalable/apps/rough-cut.svg
kind=$share/mime/packages/rough-cut.xml

# What the desktop keeps beside these files is made anew where it can; without these programs it does so by itself, later.
told() {
  if command -v update-desktop-database >/dev/null; then update-desktop-database -q "$share/applications" || true; fi
  if command -v update-mime-database >/dev/null && [ -d "$share/mime/packages" ]; then update-mime-database "$share/mime" >/dev/null 2>&1 || true; fi
}

case "${1:-}" in
  "")
    mkdir -p "$(dirname "$entry")" "$(dirname "$icon")" "$(dirname "$kind")"
    cp "$root/tools/rough-cut.svg" "$icon"
    # A quoted word of an entry's command has escapes of its own, and they are escaped once more as any text of an entry.
    command=$(printf '%s' "$root/roughcut" | sed 's/\\/\\\\\\\\/g; s/["`$]/\\\\&/g; s/%/%%/g')
    cat >"$entry" <<END
[Desktop Entry]
Type=Application
Name=Rough Cut
Comment=Plans and mills electric guitars and basses from rough boards
Exec="$command" %f
Icon=rough-cut
Terminal=false
Categories=Graphics;Engineering;
Keywords=luthier;guitar;bass;neck;fret;
MimeType=application/x-rough-cut-build;
StartupWMClass=roughcut.desktop.RoughCutApplication
END
    cat >"$kind" <<'END'
<?xml version="1.0" encoding="UTF-8"?>
<mime-info xmlns="http://www.freedesktop.org/standards/shared-mime-info">
  <mime-type type="application/x-rough-cut-build">
    <comment>Rough Cut build</comment>
    <icon name="rough-cut"/>
    <sub-class-of type="application/json"/>
    <glob pattern="*.roughcut.json" weight="60"/>
  </mime-type>
</mime-info>
END
    told
    echo "Rough Cut is in your menu, and opens .roughcut.json files. “./roughcut install --remove” takes it out."
    ;;
  --remove)
    rm -f "$entry" "$icon" "$kind"
    told
    echo "Rough Cut is out of your menu. Your shop and builds are where they were."
    ;;
  *)
    echo "roughcut: install knows only --remove" >&2
    exit 2
    ;;
esac
