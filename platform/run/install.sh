# Installs what is missing: Debian packages, Composer's and npm's. Sourced after common.sh.

install_packages() {
  local wanted=("${packages[@]}" "$@") missing=() name
  command -v composer >/dev/null || wanted+=(composer)
  command -v git >/dev/null || wanted+=(git)
  for name in "${wanted[@]}"; do
    dpkg-query -W -f='${Status}' "$name" 2>/dev/null | grep -q 'ok installed' || missing+=("$name")
  done
  if [ ${#missing[@]} -gt 0 ]; then
    is_root || die "These Debian packages are missing. Have them installed, then start again:
  sudo apt-get update && sudo apt-get install --no-install-recommends ${missing[*]}"
    say "Installing ${missing[*]}"
    apt-get update -qq >/dev/null
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null </dev/null
  fi
  if is_root && ! id "$account" >/dev/null 2>&1; then
    useradd --system --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$account"
  fi
  node -e 'process.exit(Number(process.versions.node.split(".")[0]) >= 20 ? 0 : 1)' 2>/dev/null && command -v npm >/dev/null \
    || die "Node.js 20 or later with npm is needed to build the page, and Debian 12 has none: put them on the PATH, then start again."
}

# Packages come with whatever rights they were packed with; the account has to read them.

# Runs a step again only when what it was made from has changed.
unless_same() {
  local stamp=$1 now
  shift
  now=$(cd "$root" && sha256sum "${inputs[@]}" 2>/dev/null | sha256sum)
  [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$now" ] && return 0
  "$@" || return 1
  printf '%s' "$now" >"$stamp"
}

install_libraries() {
  local inputs
  inputs=(composer.json core/composer.json platform/versions.json)
  unless_same "$root/vendor/.stamp" composer_packages || die "Composer could not install the PHP packages; see above."
  inputs=(package.json package-lock.json)
  unless_same "$root/node_modules/.stamp" npm_packages || die "npm could not install the packages of the page; see above."
}

composer_packages() {
  say "Installing PHP packages"
  (cd "$root" && "$php" platform/versions.php --pin \
    && COMPOSER=composer.pinned.json COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress --quiet \
    && "$php" platform/versions.php && chmod -R a+rX vendor)
}

npm_packages() {
  say "Installing packages of the page"
  # npm ci refuses a lock file that lacks builds for other systems, which this registry does not carry.
  (cd "$root" && npm install --no-save --no-fund --no-audit --loglevel=error && chmod -R a+rX node_modules)
}

build_page() {
  local inputs
  mapfile -d '' inputs < <(cd "$root" && find web vite.config.ts package-lock.json platform/fonts.mjs -type f -print0 | sort -z)
  unless_same "$root/public/build/.stamp" page_build || die "The page could not be built; see above."
}

page_build() {
  say "Building the page"
  (cd "$root" && npm run --silent build -- --logLevel warn && chmod -R a+rX public)
}
