# What all scripts of the checkout share: how they speak, and a random secret.

say() { printf '%s\n' "$*"; }
fail() {
  printf 'ojala: %s\n' "$*" >&2
  exit 2
}
secret() { od -An -N24 -tx1 /dev/urandom | tr -d ' \n'; }

# Whether something listens on a port of 127.0.0.1.
port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# Ends with a message where a folder's disk has less room than so many megabytes.
enough_disk() {
  local free
  free=$(df -Pm "$1" | awk 'NR == 2 { print $4 }')
  [ "$free" -ge "$2" ] || fail "the disk of $1 is full: $free MB are free, $2 MB are needed; make room, then run this again"
}

# Whether a process runs a jar.
runs_jar() { tr '\0' ' ' <"/proc/$1/cmdline" 2>/dev/null | grep -qF "$2"; }
