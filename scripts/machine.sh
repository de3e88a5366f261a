# What the machine must have. Sourced by ./rotor.

say() { printf '%s\n' "$*"; }
fail() { printf 'rotor: %s\n' "$*" >&2; exit 1; }

# Lists the Debian packages that are missing for the things named: java, maven, node, postgres,
# reader (of letters on photos), browser, simulator (of circuits, which the tests are held against), linter (of this script),
# tls (to make and look at certificates), qr (an address that a telephone reads off the terminal), crypt (for backups),
# proxy and units (what the examples of install/ are tried with).
missing_packages() {
  local want
  for want in "$@"; do
    case "$want" in
      java) command -v javac >/dev/null || echo openjdk-17-jdk-headless ;;
      maven) command -v mvn >/dev/null || echo maven ;;
      node) command -v npm >/dev/null || echo npm ;;
      postgres) [ -n "$(postgres_folder)" ] || echo postgresql ;;
      reader) command -v tesseract >/dev/null || echo tesseract-ocr ;;
      browser)
        [ -x /usr/bin/chromium-headless-shell ] || echo chromium-headless-shell
        command -v certutil >/dev/null || echo libnss3-tools
        ;;
      simulator) [ -x /usr/bin/ngspice ] || echo ngspice ;;
      tls) command -v openssl >/dev/null || echo openssl ;;
      crypt) command -v gpg >/dev/null || echo gpg gpg-agent ;;
      qr) command -v qrencode >/dev/null || echo qrencode ;;
      proxy) command -v nginx >/dev/null || [ -x /usr/sbin/nginx ] || echo nginx-light ;;
      units) command -v systemd-analyze >/dev/null || echo systemd ;;
      linter) command -v shellcheck >/dev/null || echo shellcheck ;;
    esac
  done
}

# Installs what is missing, as root or through sudo; otherwise says the exact command and stops.
need() {
  local packages
  packages=$(missing_packages "$@" | tr '\n' ' ')
  [ -n "$packages" ] || return 0
  local install="apt-get update && apt-get install -y --no-install-recommends $packages"
  may_be_root "missing on this machine: $packages
Install them as root, then try again:
  sudo sh -c '$install'"
  say "Installing $packages…" >&2
  local before
  before=$(dpkg-query -W -f '${Package}\n' | sort)
  # A package's own service would take a port; this project runs its own database.
  quietly_as_root "$install" "could not install: $packages"
  # What came with it is noted, so that it can be brought up to date.
  dpkg-query -W -f '${Package}\n' | sort | comm -13 <(echo "$before") - |
    as_root sh -c "mkdir -p $(dirname $INSTALLED) && cat >>$INSTALLED" || true
}

# may_be_root WORDS: stops with these where this is neither root nor can be it without being asked.
may_be_root() {
  [ "$(id -u)" = 0 ] || { command -v sudo >/dev/null && sudo -n true 2>/dev/null; } || fail "$1"
}

as_root() { if [ "$(id -u)" = 0 ]; then "$@"; else sudo -n "$@"; fi; }

# quietly_as_root COMMAND WORDS: its last lines are told where it fails, of what it said otherwise
# what it did to how many packages is kept in DONE.
quietly_as_root() {
  local log=/tmp/rotor-apt.$$
  as_root env DEBIAN_FRONTEND=noninteractive sh -c "$1" >$log 2>&1 ||
    { tail -n 20 $log >&2; rm -f $log; fail "$2"; }
  DONE=$(grep -E '^[0-9]+ upgraded' $log)
  rm -f $log
}

# Debian packages that this command installed on this machine, whichever copy of the project did.
INSTALLED=/var/lib/variable-rotor/packages

# Security updates of what this command installed; the rest of the machine is its keeper's.
bring_up_to_date() {
  [ -s $INSTALLED ] || { say "Nothing was installed from Debian by this command: nothing to update."; return 0; }
  local update="apt-get update && xargs apt-get install -y --only-upgrade --no-install-recommends <$INSTALLED"
  may_be_root "updates need root:
  sudo sh -c '$update'"
  say "Updating $(sort -u $INSTALLED | wc -l) packages…"
  quietly_as_root "$update" "could not update"
  say "$DONE"
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
