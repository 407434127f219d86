#!/bin/sh
# Opens four virtual screens of 1280x800, each with a small window manager as a desktop has one, runs
# a command with -Dscreens=PREFIX (screens are PREFIX1 to PREFIX4), and closes them again.
# Windows wait for their pictures most of the time: four of them keep two cores busy.
# A key counts once however long a busy program takes to let it go (-r: no auto-repeat); nobody
# holds one down there.
set -u
home=$(CDPATH= cd -- "$(dirname -- "$0")/.." && pwd)
prefix=$(( ($$ % 400) + 20 ))
while ls "/tmp/.X11-unix/X${prefix}"[1-4] >/dev/null 2>&1; do
    prefix=$((prefix + 1))
done
started=
close_all() {
    # shellcheck disable=SC2086
    [ -z "$started" ] || kill $started 2>/dev/null
}
trap close_all EXIT
trap 'exit 130' INT TERM
for n in 1 2 3 4; do
    Xvfb ":$prefix$n" -screen 0 1280x800x24 -r -nolisten tcp >/dev/null 2>&1 &
    started="$started $!"
    tries=0
    while [ ! -e "/tmp/.X11-unix/X$prefix$n" ]; do
        tries=$((tries + 1))
        [ "$tries" -lt 100 ] || { echo "neat-trace: the virtual screen :$prefix$n did not open" >&2; exit 1; }
        sleep 0.1
    done
    DISPLAY=":$prefix$n" openbox --config-file "$home/setup/openbox.xml" >/dev/null 2>&1 &
    started="$started $!"
done
"$@" "-Dscreens=:$prefix"
