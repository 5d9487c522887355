# What all scripts of the checkout share: how they speak, and a random secret.

say() { printf '%s\n' "$*"; }
fail() {
  printf 'ojala: %s\n' "$*" >&2
  exit 2
}
secret() { od -An -N24 -tx1 /dev/urandom | tr -d ' \n'; }

# Whether something listens on a port of 127.0.0.1.
port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }
