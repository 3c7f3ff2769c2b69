#!/usr/bin/env bash
# Runs a command on the present display, else on a virtual one, else offscreen.
if [ -n "${DISPLAY:-}" ]; then exec "$@"; fi
if command -v xvfb-run >/dev/null; then
    exec xvfb-run -a -s "-screen 0 1440x900x24" "$@"
fi
QT_QPA_PLATFORM=offscreen exec "$@"
