# Builds the extracted application in var/app where its sources changed. Sourced by ./start and ./package, which define stop and java.
app=var/app
if ! [ -f "$app/built" ] || [ -n "$(find pom.xml core/pom.xml core/src/main room/pom.xml room/src/main web/pom.xml web/src/main web/styles web/package-lock.json -newer "$app/built" -print -quit)" ]; then
  release=$("$java" -XshowSettings:properties -version 2>&1 | sed -n 's/ *java.specification.version = //p')
  [ "${release%%.*}" -ge 17 ] || stop "Belonax needs Java 17 or later, and this is $release. Point JAVA_HOME at a JDK 17 or later and run it again."
  for tool in mvn node npm; do
    command -v "$tool" >/dev/null || stop "Belonax needs $tool to be built. Install it and run it again."
  done
  # ./check has just packed what it tested.
  if [ "${BELONAX_PACKED:-no}" != yes ]; then
    echo "Building first; the first time it takes a few minutes…"
    mvn -B -q package -pl web -am -DskipTests -Dspotless.check.skip -Djacoco.skip >&2 || stop "Belonax could not be built; the lines above say why."
  fi
  rm -rf "$app"
  "$java" -Djarmode=tools -jar web/target/belonax.jar extract --destination "$app" >/dev/null
  touch "$app/built"
fi
