#!/bin/sh
# Runs a command inside a virtual screen of 1280x800.
exec xvfb-run -a -s "-screen 0 1280x800x24" "$@"
