# Shared by neat-trace and run-tests. Expects $home. POSIX sh.

say() { printf '%s\n' "neat-trace: $*" >&2; }

is_debian_root() {
    [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null 2>&1
}

# Installs Debian packages as root; otherwise prints the one command and stops.
install_packages() {
    if is_debian_root; then
        say "installing $*"
        log=$(mktemp)
        if { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq \
            --no-install-recommends "$@"; } >"$log" 2>&1; then
            rm -f "$log"
            return
        fi
        cat "$log" >&2
        say "the packages could not be installed"
        exit 1
    fi
    say "something is missing. On Debian or Ubuntu this command installs it:"
    say "  sudo apt-get install $*"
    exit 1
}

java_version() {
    java -version 2>&1 | sed -n 's/.*version "\([0-9]*\).*/\1/p' | head -n 1
}

need_java() {
    if ! command -v java >/dev/null 2>&1 || ! command -v javac >/dev/null 2>&1; then
        install_packages openjdk-17-jdk-headless
    fi
    version=$(java_version)
    if [ "${version:-0}" -lt 17 ]; then
        say "Java 17 or later is needed; found ${version:-none}. Set PATH to a newer JDK."
        exit 1
    fi
}

need_maven() {
    command -v mvn >/dev/null 2>&1 || install_packages maven
}

# What JavaFX loads at run time on Linux.
need_window_libraries() {
    [ "$(uname -s)" = Linux ] || return 0
    missing=
    has_library libgtk-3.so.0 || missing="$missing libgtk-3-0"
    has_library libGL.so.1 || missing="$missing libgl1"
    has_library libXtst.so.6 || missing="$missing libxtst6"
    has_library libXxf86vm.so.1 || missing="$missing libxxf86vm1"
    # shellcheck disable=SC2086
    [ -z "$missing" ] || install_packages $missing
}

has_library() {
    for folder in /usr/lib /usr/lib64 /lib /lib64 /usr/lib/*-linux-gnu* /lib/*-linux-gnu*; do
        [ -e "$folder/$1" ] && return 0
    done
    return 1
}

need_xvfb() {
    command -v Xvfb >/dev/null 2>&1 && command -v xauth >/dev/null 2>&1 ||
        install_packages xvfb xauth
}

# Window tests run as people do: with frames, focus and a manager that has its own mind about sizes.
need_window_manager() {
    command -v openbox >/dev/null 2>&1 || install_packages openbox
}

# Without a display the window runs inside Xvfb, where only tests and screenshots see it.
need_display() {
    display_wrapper=
    [ "$(uname -s)" = Linux ] || return 0
    if [ -z "${DISPLAY-}" ] && [ -z "${WAYLAND_DISPLAY-}" ]; then
        say "there is no display; the window runs unseen inside Xvfb (Ctrl+C ends it)"
        need_xvfb
        display_wrapper="sh $home/setup/unseen.sh"
    fi
}

stamp="$home/app/target/built"

needs_build() {
    [ -f "$stamp" ] || return 0
    [ -n "$(find "$home" -name target -prune -o \( -name '*.java' -o -name pom.xml -o -path '*/src/main/resources/*' \) \
        -newer "$stamp" -print | head -n 1)" ]
}

build() {
    say "building, this takes a minute the first time"
    log=$(mktemp)
    if ! (cd "$home" && mvn -B -q -DskipTests -Dspotless.check.skip=true -pl core,standin,cli,app package) >"$log" 2>&1; then
        cat "$log" >&2
        rm -f "$log"
        say "the build failed"
        exit 1
    fi
    rm -f "$log"
    touch "$stamp"
}
