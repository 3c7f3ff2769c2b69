#!/usr/bin/env bash
# Makes the desktop know Overlay: menu entry, icon, and project files that open by double click.
# For the present user; `DESTDIR` or `XDG_DATA_HOME` lead elsewhere.
set -euo pipefail
cd "$(dirname "$0")/.."
data=${DESTDIR:-}${XDG_DATA_HOME:-$HOME/.local/share}
here=$(pwd)

mkdir -p "$data/applications" "$data/mime/packages" "$data/metainfo" "$data/icons/hicolor/scalable/apps"
sed "s|^Exec=overlay|Exec=\"$here/.venv/bin/overlay\"|" packaging/overlay.desktop > "$data/applications/overlay.desktop"
install -m 644 packaging/overlay-project.xml "$data/mime/packages/"
install -m 644 packaging/overlay.metainfo.xml "$data/metainfo/"
install -m 644 packaging/overlay.svg "$data/icons/hicolor/scalable/apps/"
command -v update-mime-database >/dev/null && update-mime-database "$data/mime" || true
command -v update-desktop-database >/dev/null && update-desktop-database "$data/applications" || true
echo "The desktop knows Overlay; project files (*.overlay) open by double click."
