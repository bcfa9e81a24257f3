# What a bare machine lacks: Debian packages by the command they bring, and node_modules. Sourced, not run.
need() { # need COMMAND PACKAGE
  command -v "$1" >/dev/null 2>&1 || [ -x "/usr/sbin/$1" ] && return 0
  local as=()
  [ "$(id -u)" = 0 ] || as=(sudo -n)
  echo "Installing $2 …"
  if ! { "${as[@]}" apt-get update && DEBIAN_FRONTEND=noninteractive "${as[@]}" apt-get install -y --no-install-recommends "$2"; } >/tmp/imbry-apt.$$ 2>&1; then
    tail -n 3 /tmp/imbry-apt.$$ >&2
    echo "Imbry needs $2 and could not install it. Install it yourself (apt-get install $2), then run this again." >&2
    exit 1
  fi
}

# node_modules as the lock file says, installed anew only when the lock file has changed
packages() {
  local stamp=node_modules/.imbry-lock
  cmp -s package-lock.json "$stamp" && return 0
  echo 'Installing packages …'
  npm ci --no-audit --no-fund --loglevel=error || { echo 'npm ci failed: see above. Check the package registry is within reach.' >&2; exit 1; }
  cp package-lock.json "$stamp"
}
