# Sets JAVA_HOME to a JDK 25 or newer, or says how to get one. Sourced by ./bivouac and ./verify.
version_of() {
    [ -x "$1/bin/javac" ] || return 1
    "$1/bin/javac" -version 2>&1 | sed -n 's/^javac \([0-9]*\).*/\1/p'
}
enough() {
    v=$(version_of "$1") && [ -n "$v" ] && [ "$v" -ge 25 ]
}
find_jdk() {
    if [ -n "${JAVA_HOME:-}" ] && enough "$JAVA_HOME"; then
        return 0
    fi
    on_path=$(command -v javac 2>/dev/null) && on_path=$(dirname "$(dirname "$(readlink -f "$on_path")")")
    for home in "${on_path:-/nowhere}" /usr/lib/jvm/* /opt/*jdk* /opt/java/* "$HOME"/.jdks/* "$HOME"/.sdkman/candidates/java/* \
        /Library/Java/JavaVirtualMachines/*/Contents/Home; do
        if enough "$home"; then
            JAVA_HOME=$home
            export JAVA_HOME
            return 0
        fi
    done
    echo "Bivouac needs JDK 25 or newer, and none was found in JAVA_HOME, on the path or in the usual folders." >&2
    echo "Install one (Debian: apt-get install temurin-25-jdk or openjdk-25-jdk) or set JAVA_HOME to it." >&2
    return 1
}
