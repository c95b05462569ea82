# Sourced by bin/planisher and the scripts beside this one: where things are and who runs them.
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
export PHP_INI_SCAN_DIR=":$root/deploy/php"
export COMPOSER_ALLOW_SUPERUSER=1 DEBIAN_FRONTEND=noninteractive

fail() { printf 'planisher: %s\n' "$*" >&2; exit 1; }

# As root the services run as their own users; where those can't enter the project's folder, as root itself.
app_user=$(id -un); db_user=$(id -un)
if [ "$(id -u)" = 0 ] && setpriv --reuid=www-data --regid=www-data --init-groups -- test -r "$root/composer.json" 2>/dev/null; then
  app_user=www-data
  id mysql >/dev/null 2>&1 && db_user=mysql
fi
as_app() {
  if [ "$(id -un)" = "$app_user" ]; then "$@"
  else HOME=$root/var setpriv --reuid="$app_user" --regid="$app_user" --init-groups -- "$@"; fi
}

# An instance is one running Planisher with its own database, files and ports, all below var/<name>.
use_instance() {
  instance=$1; home=$root/var/$1; storage=$home/storage; run=$home/run; logs=$home/logs
  app_port=$2; db_port=$3
  mkdir -p "$storage"/{app,framework/{cache/data,sessions,views},logs} "$run/tmp" "$logs" "$home/cache"
  if [ ! -f "$home/env" ]; then
    ( umask 077; cat >"$home/env" <<ENV
APP_NAME=Planisher
APP_ENV=production
APP_DEBUG=false
APP_KEY=base64:$(head -c 32 /dev/urandom | base64)
LOG_CHANNEL=single
DB_CONNECTION=mariadb
DB_HOST=127.0.0.1
DB_DATABASE=planisher
DB_USERNAME=planisher
DB_PASSWORD=$(head -c 18 /dev/urandom | base64 | tr '+/' 'ab')
SESSION_DRIVER=database
CACHE_STORE=database
QUEUE_CONNECTION=database
DB_QUEUE_RETRY_AFTER=660
MAIL_MAILER=log
BROADCAST_CONNECTION=log
ENV
    )
  fi
  set -a; . "$home/env"; set +a
  export APP_URL="http://127.0.0.1:$app_port" DB_PORT=$db_port PLANISHER_STORAGE=$storage
  # Laravel's caches hold an instance's settings, so each instance has its own.
  export APP_CONFIG_CACHE=$home/cache/config.php APP_ROUTES_CACHE=$home/cache/routes.php APP_EVENTS_CACHE=$home/cache/events.php
  export APP_SERVICES_CACHE=$home/cache/services.php APP_PACKAGES_CACHE=$home/cache/packages.php
  own
}

own() {
  [ "$(id -u)" = 0 ] || return 0
  chown "$app_user:$app_user" "$storage" "$run" "$run/tmp" "$logs"
  chown -R "$app_user:$app_user" "$storage" "$run" "$home/cache"
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

wait_gone() { for _ in $(seq 1 300); do kill -0 "$1" 2>/dev/null || return 0; sleep 0.1; done; return 1; }
