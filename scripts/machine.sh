# What the machine must have. Sourced by ./rotor.

say() { printf '%s\n' "$*"; }
fail() { printf 'rotor: %s\n' "$*" >&2; exit 1; }

# Lists the Debian packages that are missing for the things named: java, maven, node, postgres, browser.
missing_packages() {
  local want
  for want in "$@"; do
    case "$want" in
      java) command -v javac >/dev/null || echo openjdk-17-jdk-headless ;;
      maven) command -v mvn >/dev/null || echo maven ;;
      node) command -v npm >/dev/null || echo npm ;;
      postgres) [ -n "$(postgres_folder)" ] || echo postgresql ;;
      browser) [ -x /usr/bin/chromium ] || echo chromium ;;
    esac
  done
}

# Installs what is missing, as root or through sudo; otherwise says the exact command and stops.
need() {
  local packages
  packages=$(missing_packages "$@" | tr '\n' ' ')
  [ -n "$packages" ] || return 0
  local install="apt-get update && apt-get install -y --no-install-recommends $packages"
  local as_root=()
  if [ "$(id -u)" != 0 ]; then
    command -v sudo >/dev/null && sudo -n true 2>/dev/null ||
      fail "missing on this machine: $packages
Install them as root, then try again:
  sudo sh -c '$install'"
    as_root=(sudo -n)
  fi
  say "Installing $packages…" >&2
  local before
  before=$(dpkg-query -W -f '${Package}\n' | sort)
  # A package's own service would take a port; this project runs its own database.
  "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive sh -c "$install" >/tmp/rotor-install.$$ 2>&1 ||
    { tail -n 20 /tmp/rotor-install.$$ >&2; fail "could not install: $packages"; }
  rm -f /tmp/rotor-install.$$
  # What came with it is noted, so that it can be brought up to date.
  dpkg-query -W -f '${Package}\n' | sort | comm -13 <(echo "$before") - |
    "${as_root[@]}" sh -c "mkdir -p $(dirname $INSTALLED) && cat >>$INSTALLED" || true
}

# Debian packages that this command installed on this machine, whichever copy of the project did.
INSTALLED=/var/lib/variable-rotor/packages

# Security updates of what this command installed; the rest of the machine is its keeper's.
bring_up_to_date() {
  [ -s $INSTALLED ] || { say "Nothing was installed from Debian by this command: nothing to update."; return 0; }
  local update="apt-get update && xargs apt-get install -y --only-upgrade --no-install-recommends <$INSTALLED"
  local as_root=()
  if [ "$(id -u)" != 0 ]; then
    command -v sudo >/dev/null && sudo -n true 2>/dev/null ||
      fail "updates need root:
  sudo sh -c '$update'"
    as_root=(sudo -n)
  fi
  say "Updating $(sort -u $INSTALLED | wc -l) packages…"
  "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive sh -c "$update" >/tmp/rotor-update.$$ 2>&1 ||
    { tail -n 20 /tmp/rotor-update.$$ >&2; rm -f /tmp/rotor-update.$$; fail "could not update"; }
  grep -E '^[0-9]+ upgraded' /tmp/rotor-update.$$
  rm -f /tmp/rotor-update.$$
}

# The page is built with Node 20.19 or newer. Debian 12 has an older one; the npm registry has the
# program itself as a package, which is then used from a folder of the project's own.
need_node() {
  need node
  if node_is_new_enough node; then return 0; fi
  local tools=$root/.tools
  if ! node_is_new_enough "$tools/node_modules/.bin/node"; then
    say "Fetching a newer Node…" >&2
    local arch
    case "$(uname -m)" in aarch64) arch=arm64 ;; *) arch=x64 ;; esac
    mkdir -p "$tools/node_modules/.bin"
    npm install --silent --no-audit --no-fund --prefix "$tools" "node-linux-$arch@22" "npm@11" >&2 ||
      fail "could not fetch Node"
    ln -sf "../node-linux-$arch/bin/node" "$tools/node_modules/.bin/node"
  fi
  PATH=$tools/node_modules/.bin:$PATH
  export PATH
}

node_is_new_enough() {
  local version major minor
  version=$("$1" --version 2>/dev/null) || return 1
  version=${version#v}
  major=${version%%.*}
  minor=${version#*.}
  minor=${minor%%.*}
  [ "$major" -ge 22 ] || { [ "$major" -eq 20 ] && [ "$minor" -ge 19 ]; }
}
