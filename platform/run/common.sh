# What start, stop and test share. Sourced by bash; expects $root, the folder of the clone.

account=northbough
postgres=/usr/lib/postgresql/15/bin
packages=(postgresql-15 php8.2-cli php8.2-fpm php8.2-pgsql php8.2-gd php8.2-zip php8.2-curl php8.2-intl php8.2-mbstring
  php8.2-xml php8.2-apcu nginx-light weasyprint librsvg2-bin libvips-tools poppler-utils pandoc fontconfig procps)
test_packages=(chromium)
php=/usr/bin/php8.2
umask 022

say() { printf '%s\n' "$*"; }
die() { printf '%s\n' "$*" >&2; exit 1; }
is_root() { [ "$(id -u)" -eq 0 ]; }

# Everything that serves or stores runs unprivileged: as the account when root started it, else as whoever did.
as() {
  if is_root; then HOME="$NB_VAR" runuser -u "$account" -- "$@"; else "$@"; fi
}

# The start time beside the pid tells a process from a later one with the same number.
started_at() { cut -d')' -f2- "/proc/$1/stat" 2>/dev/null | awk '{print $20}'; }
record() { printf '%s %s\n' "$2" "$(started_at "$2")" >"$NB_VAR/run/$1"; }
is_alive() {
  local pid when
  [ -f "$NB_VAR/run/$1" ] || return 1
  read -r pid when <"$NB_VAR/run/$1" || return 1
  [ -n "$when" ] && [ "$(started_at "$pid")" = "$when" ]
}
pid_of() { cut -d' ' -f1 "$NB_VAR/run/$1"; }

is_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# A clone that the account cannot reach (under a 0700 folder, say) is worked from a copy that it can.
choose_var() {
  local wanted=${NB_VAR:-$root/var${1:+/$1}}
  if is_root && [ -z "${NB_MOVED:-}" ] && ! runuser -u "$account" -- test -x "$root" -a -r "$root/composer.json" 2>/dev/null; then
    local name; name=$(printf '%s' "$root" | sha256sum | cut -c1-8)
    local elsewhere=${NB_VAR:-/var/lib/northbough-$name}
    mkdir -p "$elsewhere/app" "$root/var"
    printf '%s\n' "$elsewhere" >"$root/var/moved-to"
    chmod 755 "$elsewhere"
    say "This folder cannot be reached by the account $account; working from a copy in $elsewhere (NB_VAR chooses another place)."
    copy_to "$elsewhere/app"
    NB_MOVED=$elsewhere NB_VAR="$elsewhere${1:+/$1}" exec "$elsewhere/app/$(basename "$0")" "${arguments[@]}"
  fi
  export NB_VAR=$wanted
}

# Code only: what is installed, built or stored in the copy stays there.
copy_to() {
  local to=$1 part
  for part in app bench bootstrap config core database demo docs platform public/index.php resources routes standins tests web; do
    rm -rf "${to:?}/$part"
  done
  (cd "$root" && {
    if [ -d .git ] && command -v git >/dev/null; then git -c safe.directory='*' ls-files -z -co --exclude-standard; else find . -type f -not -path './vendor/*' -not -path './node_modules/*' -not -path './var/*' -print0; fi
  } | while IFS= read -r -d '' file; do [ -e "$file" ] && printf '%s\0' "$file"; done | tar --null -T - -cf -) | tar -C "$to" -xf - --no-same-owner
}

prepare_var() {
  mkdir -p "$NB_VAR"/{run,log,nginx,storage/{logs,app,framework/{cache,sessions,views}}}
  socket_folder=/tmp/nb-$(printf '%s' "$NB_VAR" | sha256sum | cut -c1-10)
  mkdir -p -m 700 "$socket_folder"
  if is_root; then chown "$account" "$NB_VAR" "$socket_folder" && chown -R "$account" "$NB_VAR"/{run,log,nginx,storage}; fi
  exec 9>"$NB_VAR/run/lock"
  flock -w 120 9 || die "Another start, stop or test is at work in $NB_VAR. Wait for it, or end it."
}

# Settings that the application reads; made once, kept.
write_environment() {
  local file=$NB_VAR/environment secret key
  if [ ! -s "$file" ]; then
    secret=$(head -c 24 /dev/urandom | base64 | tr -d '+/=')
    key=$(head -c 32 /dev/urandom | base64)
    (umask 077; printf 'APP_KEY=base64:%s\nNB_DB_PASSWORD=%s\n' "$key" "$secret" >"$file")
  fi
  sed -i '/^\(APP_ENV\|APP_URL\|NB_DB_PORT\|NB_DB_NAME\|NB_DB_USER\)=/d' "$file"
  printf 'APP_ENV=%s\nAPP_URL=http://127.0.0.1:%s\nNB_DB_PORT=%s\nNB_DB_NAME=northbough\nNB_DB_USER=northbough\n' \
    "${NB_ENV:-production}" "$port" "$db_port" >>"$file"
  if is_root; then chown "$account" "$file"; fi
}

artisan() { as "$php" "$root/artisan" "$@"; }
