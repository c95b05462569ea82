# Sourced by bin/planisher and the scripts beside this one: where things are and who runs them.
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd -P)
export PHP_INI_SCAN_DIR=":$root/deploy/php"
export COMPOSER_ALLOW_SUPERUSER=1 DEBIAN_FRONTEND=noninteractive

fail() { printf 'planisher: %s\n' "$*" >&2; exit 1; }

# As root the services run as their own users, www-data and mysql. Where www-data can't enter the project's folder they
# would all have to run as root: nothing is started then. The tests' own throw-away services may (PLANISHER_AS_ROOT=1).
app_user=$(id -un); db_user=$(id -un)
if [ "$(id -u)" = 0 ] && [ "${PLANISHER_AS_ROOT:-}" != 1 ]; then
  app_user=www-data; db_user=mysql
fi
can_enter() { setpriv --reuid=www-data --regid=www-data --init-groups -- test -r "$root/composer.json" 2>/dev/null; }
refuse_root() {
  [ "$app_user" = root ] || [ "$(id -u)" != 0 ] || can_enter && return 0
  fail "the user www-data can't enter $root, so everything would run as root. Move Planisher to a folder that others can enter, such as /srv, or start it as a user of its own."
}

# A service's environment is this list, whatever the shell had.
service_names='APP_NAME APP_ENV APP_DEBUG APP_KEY APP_URL APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE APP_SERVICES_CACHE APP_PACKAGES_CACHE
  LOG_CHANNEL DB_CONNECTION DB_HOST DB_PORT DB_DATABASE DB_USERNAME DB_PASSWORD SESSION_DRIVER CACHE_STORE QUEUE_CONNECTION DB_QUEUE_RETRY_AFTER
  FILESYSTEM_DISK AWS_ACCESS_KEY_ID AWS_SECRET_ACCESS_KEY AWS_DEFAULT_REGION AWS_BUCKET AWS_ENDPOINT REDIS_CLIENT REDIS_HOST REDIS_PORT REDIS_PASSWORD
  MAIL_MAILER MAIL_URL MAIL_FROM_ADDRESS MAIL_FROM_NAME BROADCAST_CONNECTION PHP_INI_SCAN_DIR PLANISHER_INSTANCE PLANISHER_PORT PLANISHER_MACHINE PLANISHER_STORAGE VIPS_CONCURRENCY LABSIM_URL LABSIM_KEY'
# Nothing of it stands in a command, where every user of the machine could read it. What is said before the command (NAME=value) is added.
as_app() {
  (
    while [[ ${1:-} =~ ^[A-Z_]+= ]]; do declare "$1"; service_names+=" ${1%%=*}"; shift; done
    for name in $(compgen -e); do export -n "$name"; done
    PATH=/usr/local/bin:/usr/bin:/bin:/usr/sbin:/sbin LANG=C.UTF-8 HOME=$root/var TMPDIR=$run/tmp
    export PATH LANG HOME TMPDIR
    for name in $service_names; do [ -z "${!name+x}" ] || export "${name?}"; done
    as=(); [ "$(id -un)" = "$app_user" ] || as=(setpriv --reuid="$app_user" --regid="$app_user" --init-groups --)
    exec "${as[@]}" "$@"
  )
}

# An instance is one running Planisher with its own database, files and ports, all below var/<name>.
use_instance() {
  instance=$1; home=$root/var/$1; storage=$home/storage; run=$home/run; logs=$home/logs
  app_port=$2; db_port=$3
  mkdir -p "$root/var"   # through which the database's user has to come
  umask 027   # nobody else reads settings, logs or pictures
  mkdir -p "$storage"/{app,framework/{cache/data,sessions,views},logs} "$run/tmp" "$logs" "$home/cache"
  [[ $instance = own* ]] || mkdir -p "$home/pictures-folder"   # the demo's
  if [ ! -f "$home/env" ]; then
    ( umask 077; cat >"$home/env.part" <<ENV
APP_NAME=Planisher
APP_ENV=production
APP_DEBUG=false
APP_KEY=base64:$(head -c 32 /dev/urandom | base64)
LOG_CHANNEL=daily
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
    ) && mv "$home/env.part" "$home/env"   # whole, or not there
  fi
  if [[ $instance != own* ]]; then   # the demo's and the tests' lab; see labsim/
    grep -q ^LABSIM_KEY= "$home/env" || ( umask 077; echo "LABSIM_KEY=$(head -c 18 /dev/urandom | base64 | tr '+/' 'ab')" >>"$home/env" )
    lab_port=${PLANISHER_LAB_PORT:-$((app_port + 5))}; export LABSIM_URL=http://127.0.0.1:$lab_port
  fi
  set -a; . "$home/env"; set +a
  export REDIS_CLIENT=predis DB_PORT=$db_port PLANISHER_STORAGE=$storage
  # What a file of settings says comes last: services elsewhere, which are not started here (bin/planisher start --on FILE).
  [ -z "${PLANISHER_SETTINGS:-}" ] || { set -a; . "$PLANISHER_SETTINGS"; set +a; }
  # PLANISHER_URL is the address people use where TLS is ended in front of it, such as https://studio.example
  export APP_URL=${PLANISHER_URL:-http://127.0.0.1:$app_port} LOG_CHANNEL=${PLANISHER_LOG:-daily}
  [[ $LOG_CHANNEL =~ ^(daily|json)$ ]] || fail "PLANISHER_LOG is json, or left out; “$LOG_CHANNEL” is neither."
  if [ -n "${PLANISHER_MAIL:-}" ]; then
    export MAIL_MAILER=smtp MAIL_URL=$PLANISHER_MAIL MAIL_FROM_ADDRESS=${PLANISHER_MAIL_FROM:-planisher@localhost} MAIL_FROM_NAME=Planisher
  fi
  # Laravel's caches hold an instance's settings, so each instance has its own.
  export APP_CONFIG_CACHE=$home/cache/config.php APP_ROUTES_CACHE=$home/cache/routes.php APP_EVENTS_CACHE=$home/cache/events.php
  export APP_SERVICES_CACHE=$home/cache/services.php APP_PACKAGES_CACHE=$home/cache/packages.php
  kept_settings=("$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE" "$APP_EVENTS_CACHE")
  own
}

# The instance's folder is entered by both services' users and by nobody else; its settings are read by its starter alone.
own() {
  if [ "$(id -u)" = 0 ]; then
    chown "$db_user:$app_user" "$home"
    chown -R "$app_user:$app_user" "$storage" "$run" "$logs" "$home/cache"
    [ ! -d "$home/pictures-folder" ] || chown -R "$app_user:$app_user" "$home/pictures-folder"
  fi
  chmod 0750 "$home" "$storage" "$run" "$run/tmp" "$logs" "$home/cache"
  find "$logs" "$home/cache" "$storage/framework" "$storage/logs" -type f -exec chmod 0640 {} +
  find "$storage" -type d -perm /o+rwx -exec chmod o-rwx {} +
}

# Whether the database is ours to start and stop.
has_own_db() { ! grep -qs '^DB_HOST=' "${PLANISHER_SETTINGS:-/dev/null}"; }

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# Whether a process is one of this instance's: numbers come again, and after a loss of power those in our files are other programs'. Ours have
# a file of the instance open, their log at least; and none but these is called so.
is_ours() {
  case $(cat "/proc/${1:-none}/comm" 2>/dev/null) in nginx | php* | mariadbd | bash | sleep | logrotate) ;; *) return 1 ;; esac
  [ -n "$(find "/proc/$1/fd" -lname "$home/*" -print -quit 2>/dev/null)" ]
}

# The process that a file names, where it is there and ours.
of_file() { local p; p=$(cat "$1" 2>/dev/null) && is_ours "$p" && echo "$p"; }
runs() { of_file "$1" >/dev/null; }

# What a killed program left running: all of its session that is still called so, and is ours.
end_left_overs() {
  local leader one; leader=$(cat "$1" 2>/dev/null || true)
  for one in $([[ ! $leader =~ ^[0-9]+$ ]] || pgrep -g "$leader" "$2" || true); do ! is_ours "$one" || kill -KILL "$one" 2>/dev/null || true; done
  rm -f "$1"
}

wait_gone() { local _; for _ in $(seq 1 "${2:-300}"); do kill -0 "$1" 2>/dev/null || return 0; sleep 0.1; done; return 1; }
