#!/usr/bin/env bash
# Makes .venv with the pinned packages and sees to the system libraries that Qt and a virtual
# display need. A stamp file makes every later run a matter of milliseconds.
set -euo pipefail
cd "$(dirname "$0")/.."

SYSTEM=(python3-venv xvfb libegl1 libgl1 libxkbcommon0 libxkbcommon-x11-0 libdbus-1-3
        libfontconfig1 libgomp1 libxcb-cursor0 libxcb-icccm4 libxcb-image0 libxcb-keysyms1
        libxcb-randr0 libxcb-render-util0 libxcb-shape0 libxcb-xinerama0 libxcb-xkb1
        fonts-dejavu-core)

stamp=.venv/.ready-$(cat requirements.txt pyproject.toml tools/setup.sh | sha256sum | cut -c1-16)
[ -e "$stamp" ] && exit 0

system_libraries() {
    command -v dpkg-query >/dev/null || return 0
    local missing=() name
    for name in "${SYSTEM[@]}"; do
        dpkg-query -W -f='${Status}' "$name" 2>/dev/null | grep -q 'install ok installed' ||
            missing+=("$name")
    done
    [ ${#missing[@]} -eq 0 ] && return 0
    local install="apt-get install -y --no-install-recommends ${missing[*]}"
    if [ "$(id -u)" -eq 0 ]; then
        echo "Installing system libraries: ${missing[*]}"
        { apt-get update -qq && DEBIAN_FRONTEND=noninteractive $install -qq; } >/dev/null 2>&1 ||
            echo "Could not install them. To do it by hand: $install"
    else
        echo "Some system libraries are missing; without them the window stays offscreen. Run:"
        echo "  sudo $install"
    fi
}

system_libraries
echo "Setting up .venv (once)"
[ -x .venv/bin/python ] || python3 -m venv .venv
.venv/bin/python -m pip install --quiet --disable-pip-version-check -r requirements.txt
.venv/bin/python -m pip install --quiet --disable-pip-version-check --no-deps --no-build-isolation -e .
rm -f .venv/.ready-*
touch "$stamp"
