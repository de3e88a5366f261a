# An authority of the shop's own, and certificates for the names of its machine. Sourced by ./rotor.

# is_address WORD: whether it is an IP address as a certificate has it.
is_address() { [[ $1 =~ ^[0-9]{1,3}(\.[0-9]{1,3}){3}$ || $1 == *:* ]]; }

# is_name WORD: whether it is one that a machine can have (RFC 1123, section 2.1).
is_name() {
  if is_address "$1"; then
    if [[ $1 == *:* ]]; then [[ $1 =~ ^[0-9a-fA-F:]{2,39}$ ]]; return; fi
    local part
    for part in ${1//./ }; do [ "$part" -le 255 ] || return 1; done
    return 0
  fi
  [ ${#1} -le 253 ] && [[ $1 =~ ^([A-Za-z0-9]([A-Za-z0-9-]{0,61}[A-Za-z0-9])?\.)*[A-Za-z0-9]([A-Za-z0-9-]{0,61}[A-Za-z0-9])?$ ]]
}

# make_authority FOLDER NAME…: it may speak for these names and for no other (RFC 5280, section
# 4.2.1.10): whoever steals its key can pretend to be this machine, and nothing else.
make_authority() {
  local folder=$1 name may='permitted;DNS:localhost,permitted;IP:127.0.0.1/255.255.255.255'
  shift
  for name in "$@"; do
    if [[ $name == *:* ]]; then
      may+=",permitted;IP:$name/ffff:ffff:ffff:ffff:ffff:ffff:ffff:ffff"
    elif is_address "$name"; then
      may+=",permitted;IP:$name/255.255.255.255"
    else
      may+=",permitted;DNS:$name"
    fi
  done
  openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -days 3650 \
    -subj "/O=Variable Rotor/CN=Variable Rotor of $1" \
    -addext 'basicConstraints=critical,CA:TRUE,pathlen:0' -addext 'keyUsage=critical,keyCertSign,cRLSign' \
    -addext "nameConstraints=critical,$may" \
    -keyout "$folder/authority.key" -out "$folder/authority.crt" 2>"$folder/openssl.log"
}

# make_certificate FOLDER NAME…: for 397 days, the longest that browsers take (CA/Browser Forum,
# Baseline Requirements, from memory).
make_certificate() {
  local folder=$1 name names='DNS:localhost,IP:127.0.0.1'
  shift
  for name in "$@"; do
    if is_address "$name"; then names+=",IP:$name"; else names+=",DNS:$name"; fi
  done
  openssl req -new -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -subj "/O=Variable Rotor" \
    -keyout "$folder/new.key" -out "$folder/new.csr" 2>"$folder/openssl.log" &&
    printf 'basicConstraints=critical,CA:FALSE\nkeyUsage=critical,digitalSignature\nextendedKeyUsage=serverAuth\nsubjectAltName=%s\n' \
      "$names" >"$folder/new.ext" &&
    openssl x509 -req -in "$folder/new.csr" -CA "$folder/authority.crt" -CAkey "$folder/authority.key" \
      -days 397 -extfile "$folder/new.ext" -out "$folder/new.crt" 2>>"$folder/openssl.log" &&
    openssl verify -CAfile "$folder/authority.crt" "$folder/new.crt" >>"$folder/openssl.log" 2>&1 &&
    # What did not hold takes nobody's place.
    mv -f "$folder/new.key" "$folder/server.key" && mv -f "$folder/new.crt" "$folder/server.crt"
}

# certificate: what ./rotor certificate does.
certificate() {
  local data='' anew=false port=8420 names=() name
  while [ $# -gt 0 ]; do
    case "$1" in
      --data) data=${2:-}; shift 2 || fail "--data needs a folder" ;;
      --port) port=${2:-}; shift 2 || fail "--port needs a number" ;;
      --new-authority) anew=true; shift ;;
      -*) fail "certificate does not know '$1'; see ./rotor help" ;;
      *)
        is_name "$1" || fail "certificate: found '$1'; allowed is the name or the address by which telephones reach this machine, such as rotor.shop.example or 192.168.1.20"
        names+=("$1")
        shift
        ;;
    esac
  done
  [ ${#names[@]} -gt 0 ] || fail "certificate: found no name; allowed is the name or the address by which telephones reach this machine"
  need tls qr
  if [ -z "$data" ]; then data=$(default_data); fi
  local folder=$data/certificates
  (umask 077 && mkdir -p "$folder") || fail "--data: cannot write to '$data'"
  umask 077
  if $anew || [ ! -s "$folder/authority.crt" ]; then
    make_authority "$folder" "${names[@]}" || fail "could not make the authority; see $folder/openssl.log"
    anew=true
  fi
  make_certificate "$folder" "${names[@]}" || {
    rm -f "$folder/new.key" "$folder/new.csr" "$folder/new.ext" "$folder/new.crt"
    grep -q 'permitted subtree violation' "$folder/openssl.log" &&
      fail "the authority of this shop may not speak for one of: ${names[*]}. With --new-authority another is made, which every telephone then has to trust anew"
    fail "could not make the certificate; see $folder/openssl.log"
  }
  rm -f "$folder/new.csr" "$folder/new.ext" "$folder/openssl.log"
  chmod 644 "$folder/authority.crt"
  umask 022
  local address=${names[0]}
  [[ $address != *:* ]] || address="[$address]"
  local url=https://$address:$port/
  cat <<TEXT
Made in $folder:
  server.crt, server.key        of this machine, until $(openssl x509 -in "$folder/server.crt" -noout -enddate | cut -d= -f2)
  authority.crt, authority.key  of this shop; who has the key can pretend to be this machine: keep it away from it
Each telephone trusts authority.crt, once, as its maker describes it (a "CA certificate"). Its fingerprint:
  $(openssl x509 -in "$folder/authority.crt" -noout -fingerprint -sha256 | cut -d= -f2)
Start with:
  ./rotor start --listen $(is_address "${names[0]}" && echo "${names[0]}" || echo 0.0.0.0) --port $port --certificate $folder/server.crt --key $folder/server.key
Then it is at $url
TEXT
  qrencode -t ANSIUTF8 "$url"
}

# check_certificate CERTIFICATE KEY: stops where the server could not work with them.
check_certificate() {
  [ -r "$1" ] || fail "--certificate: cannot read '$1'"
  [ -r "$2" ] || fail "--key: cannot read '$2'"
  openssl x509 -in "$1" -noout 2>/dev/null || fail "--certificate: '$1' is none; allowed is a file in PEM, the machine's own first"
  openssl pkey -in "$2" -noout -passin pass: 2>/dev/null || fail "--key: '$2' is none; allowed is a file in PEM without a passphrase"
  [ "$(openssl x509 -in "$1" -noout -pubkey)" = "$(openssl pkey -in "$2" -pubout -passin pass:)" ] ||
    fail "--key: '$2' is not that of '$1'"
  openssl x509 -in "$1" -noout -checkend 0 >/dev/null ||
    fail "--certificate: '$1' has run out ($(openssl x509 -in "$1" -noout -enddate | cut -d= -f2)); ./rotor certificate makes another"
  openssl x509 -in "$1" -noout -checkend 1209600 >/dev/null ||
    say "The certificate runs out in less than two weeks: $(openssl x509 -in "$1" -noout -enddate | cut -d= -f2)."
}

# named_in CERTIFICATE: the first name in it that is not this machine's for itself.
named_in() {
  openssl x509 -in "$1" -noout -ext subjectAltName 2>/dev/null | tr ',' '\n' |
    sed -n 's/^ *\(DNS\|IP Address\)://p' | grep -vx 'localhost\|127\.0\.0\.1' | head -n 1
}
