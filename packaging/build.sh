#!/usr/bin/env bash
# Makes the Debian package of what ./almanac build has built: build.sh VERSION FOLDER
set -euo pipefail
cd "$(dirname "$(readlink -f "$0")")/.."

readonly VERSION=$1 OUT=$2
readonly MODULES=java.se,jdk.unsupported,jdk.crypto.ec,jdk.zipfs
for tool in jlink jpackage dpkg-deb; do
  command -v "$tool" >/dev/null || {
    echo "$tool is missing: install Debian's openjdk-17-jdk, binutils and dpkg." >&2
    exit 2
  }
done

work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
mkdir -p "$work/input"
cp -r target/run/. "$work/input"
rm -f "$work/input/classes.jsa" "$work/input/rehearsal.log"

jlink --add-modules "$MODULES" --strip-java-debug-attributes --no-header-files --no-man-pages \
  --compress=2 --output "$work/runtime"
# jpackage leaves out java itself, by which the classes are laid ready at the installation.
cp "$(dirname "$(readlink -f "$(command -v jlink)")")/java" "$work/java"
jpackage --type app-image --name mellow-almanac --app-version "$VERSION" --runtime-image "$work/runtime" \
  --input "$work/input" --main-jar mellow-almanac.jar --dest "$work/image" \
  --java-options -Xms96m --java-options -XX:NewSize=32m --java-options -Xmx1g --java-options -XX:+UseSerialGC --java-options -XX:TieredStopAtLevel=1 \
  --java-options -XX:+ExitOnOutOfMemoryError \
  --java-options -Dspring.aot.enabled=true --java-options '-XX:SharedArchiveFile=$APPDIR/classes.jsa' \
  --java-options -Xshare:auto --java-options -Xlog:cds=off --java-options -Xlog:cds+dynamic=off

tree=$work/tree
mkdir -p "$tree"/{DEBIAN,usr/bin,usr/lib/systemd/user,usr/share/man/man1,usr/share/applications}
cp -r "$work/image/mellow-almanac" "$tree/usr/lib/mellow-almanac"
mkdir -p "$tree/usr/lib/mellow-almanac/lib/runtime/bin"
cp "$work/java" "$tree/usr/lib/mellow-almanac/lib/runtime/bin/java"
install -m 755 packaging/mellow-almanac "$tree/usr/bin/mellow-almanac"
install -m 644 packaging/supervise.sh "$tree/usr/lib/mellow-almanac/"
install -m 644 packaging/mellow-almanac.service "$tree/usr/lib/systemd/user/"
install -m 644 packaging/mellow-almanac.desktop "$tree/usr/share/applications/"
gzip -9n <packaging/mellow-almanac.1 >"$tree/usr/share/man/man1/mellow-almanac.1.gz"
# What ships says its licence; the jars carry what the build has found out.
doc=$tree/usr/share/doc/mellow-almanac
mkdir -p "$doc" "$work/notices"
for jar in "$work"/input/mellow-almanac.jar "$work"/input/lib/ui-*.jar "$work"/input/lib/trimmed-*.jar; do
  (cd "$work/notices" && jar --extract --file "$jar" META-INF/notices)
done
{
  cat <<'TEXT'
Upstream-Name: Mellow Almanac

Files: *
Copyright: The developers of Mellow Almanac
License: all rights reserved

Comment: It brings its own Java (OpenJDK 17, GPL-2 with the Classpath exception; its notices lie in
 /usr/lib/mellow-almanac/lib/runtime/legal), libraries, scripts, styles and fonts, each under the licence below.

TEXT
  for notice in "$work"/notices/META-INF/notices/*.txt; do
    printf -- '---- %s\n\n' "$(basename "$notice" .txt)"
    cat "$notice"
    printf '\n'
  done
} >"$doc/copyright"
install -m 755 packaging/postinst packaging/prerm "$tree/DEBIAN/"
cat >"$tree/DEBIAN/control" <<TEXT
Package: mellow-almanac
Version: $VERSION
Architecture: $(dpkg --print-architecture)
Maintainer: The developers of Mellow Almanac <nobody@localhost>
Installed-Size: $(du -sk "$tree/usr" | cut -f1)
Depends: libc6, zlib1g, bash
Recommends: xdg-utils
Section: misc
Priority: optional
Description: keeps the history of an orchid collection
 Judges, plant by plant, whether it should be left alone, repotted or divided:
 why, how, when, and which look would say more. It brings its own Java.
TEXT
mkdir -p "$OUT"
dpkg-deb --root-owner-group --build "$tree" "$OUT/mellow-almanac_${VERSION}_$(dpkg --print-architecture).deb"
