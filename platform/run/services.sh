# PostgreSQL, php-fpm, nginx and the worker, each with its own configuration. Sourced after common.sh.

start_postgres() {
  local data=$NB_VAR/postgres
  if [ ! -f "$data/PG_VERSION" ]; then
    rm -rf "$data"
    as sh -c 'umask 077; sed -n "s/^NB_DB_PASSWORD=//p" "$1/environment" >"$1/run/secret"' sh "$NB_VAR"
    as mkdir -p -m 700 "$data" 2>/dev/null || { mkdir -p -m 700 "$data" && chown "$account" "$data"; }
    as "$postgres/initdb" -D "$data" -U northbough --pwfile="$NB_VAR/run/secret" -A scram-sha-256 -E UTF8 --locale=C.UTF-8 >"$NB_VAR/log/initdb.log" 2>&1 \
      || die "PostgreSQL could not make its data folder; see $NB_VAR/log/initdb.log"
    rm -f "$NB_VAR/run/secret"
  fi
  as tee "$data/conf.northbough" >/dev/null <<EOF
listen_addresses = '127.0.0.1'
port = $db_port
unix_socket_directories = '$socket_folder'
max_connections = 60
shared_buffers = 256MB
work_mem = 16MB
maintenance_work_mem = 128MB
max_wal_size = 2GB
random_page_cost = 1.1
jit = off
log_min_messages = warning
${NB_DB_EXTRA:-}
EOF
  grep -q conf.northbough "$data/postgresql.conf" || printf "include 'conf.northbough'\n" | as tee -a "$data/postgresql.conf" >/dev/null
  as "$postgres/pg_ctl" -D "$data" -l "$NB_VAR/log/postgres.log" -w -t 60 -s start 9>&- >/dev/null 2>&1 </dev/null \
    || die "PostgreSQL did not start; see $NB_VAR/log/postgres.log"
  record postgres "$(head -n1 "$data/postmaster.pid")"
  create_database northbough
}

create_database() {
  local password
  password=$(sed -n 's/^NB_DB_PASSWORD=//p' "$NB_VAR/environment")
  as env PGPASSWORD="$password" "$postgres/psql" -qAt -h 127.0.0.1 -p "$db_port" -U northbough -d postgres \
    -c "SELECT 'CREATE DATABASE $1' WHERE NOT EXISTS (SELECT FROM pg_database WHERE datname = '$1')" \
    | as env PGPASSWORD="$password" "$postgres/psql" -q -h 127.0.0.1 -p "$db_port" -U northbough -d postgres
}

start_fpm() {
  as tee "$NB_VAR/run/fpm.conf" >/dev/null <<EOF
[global]
pid = $NB_VAR/run/fpm.pid
error_log = $NB_VAR/log/fpm.log
[page]
listen = $socket_folder/fpm.sock
pm = static
pm.max_children = 8
pm.max_requests = 5000
clear_env = no
catch_workers_output = yes
php_value[memory_limit] = 256M
php_admin_value[post_max_size] = 16M
php_admin_value[error_log] = $NB_VAR/log/php.log
php_admin_value[opcache.revalidate_freq] = 1
php_admin_value[expose_php] = 0
EOF
  (cd "$root" && as /usr/sbin/php-fpm8.2 --daemonize --fpm-config "$NB_VAR/run/fpm.conf" 9>&-) || die "php-fpm did not start; see $NB_VAR/log/fpm.log"
  record fpm "$(cat "$NB_VAR/run/fpm.pid")"
}

start_nginx() {
  as tee "$NB_VAR/run/nginx.conf" >/dev/null <<EOF
pid "$NB_VAR/run/nginx.pid";
error_log "$NB_VAR/log/nginx.log" warn;
worker_processes 2;
events { worker_connections 512; }
http {
  include /etc/nginx/mime.types;
  access_log off;
  server_tokens off;
  client_max_body_size 16m;
  client_body_temp_path "$NB_VAR/nginx/body";
  proxy_temp_path "$NB_VAR/nginx/proxy";
  fastcgi_temp_path "$NB_VAR/nginx/fastcgi";
  uwsgi_temp_path "$NB_VAR/nginx/uwsgi";
  scgi_temp_path "$NB_VAR/nginx/scgi";
  gzip on;
  gzip_types text/css application/javascript application/json image/svg+xml;
  server {
    listen 127.0.0.1:$port;
    root "$root/public";
    location /build/assets/ { expires max; add_header X-Content-Type-Options nosniff; }
    location / { try_files \$uri @page; }
    location @page {
      include /etc/nginx/fastcgi_params;
      fastcgi_param SCRIPT_FILENAME "$root/public/index.php";
      fastcgi_param SCRIPT_NAME /index.php;
      fastcgi_pass "unix:$socket_folder/fpm.sock";
      fastcgi_read_timeout 3600s;
    }
  }
}
EOF
  as /usr/sbin/nginx -e "$NB_VAR/log/nginx.log" -c "$NB_VAR/run/nginx.conf" 9>&- || die "nginx did not start; see $NB_VAR/log/nginx.log"
  local tries=0
  until [ -s "$NB_VAR/run/nginx.pid" ]; do sleep 0.1; tries=$((tries + 1)); [ $tries -lt 50 ] || die "nginx did not start; see $NB_VAR/log/nginx.log"; done
  record nginx "$(cat "$NB_VAR/run/nginx.pid")"
}

# The workers are begun again when they end, which they do by themselves now and then to give memory back. Pictures have
# one of their own, so that nobody who puts one on a record waits for an import; what follows from a change goes with them.
start_worker() {
  local loop='while true; do "$1" -d pcov.enabled=0 "$2/artisan" queue:work long --quiet'
  as setsid bash -c "($loop --queue=previews,follow --timeout=1800 --memory=512 --sleep=0.5 --tries=2; sleep 1; done) & $loop --queue=long --timeout=3600 --memory=1024 --sleep=0.3 --tries=1; sleep 1; done" \
    worker "$php" "$root" >>"$NB_VAR/log/worker.log" 2>&1 </dev/null 9>&- &
  local shell=$! tries=0 pid=
  # runuser stays in front of the loop; the loop itself leads the session that is stopped as a whole.
  until pid=$(pgrep -f "worker $php $root\$" | while read -r p; do if [ "$(ps -o sid= -p "$p" | tr -d " ")" = "$p" ]; then echo "$p"; fi; done | tail -n1) && [ -n "$pid" ]; do
    sleep 0.1; tries=$((tries + 1)); [ $tries -lt 50 ] || die "The worker did not start; see $NB_VAR/log/worker.log"
  done
  disown "$shell" 2>/dev/null || true
  record worker "$pid"
}

stop_services() {
  local name pid
  for name in worker nginx fpm; do
    if is_alive "$name"; then
      pid=$(pid_of "$name")
      if [ "$name" = worker ]; then kill -TERM -- "-$pid" 2>/dev/null || true; else kill -TERM "$pid" 2>/dev/null || true; fi
      wait_for_end "$name"
    fi
    end_orphans "$name"
    rm -f "$NB_VAR/run/$name"
  done
  if is_alive postgres; then
    as "$postgres/pg_ctl" -D "$NB_VAR/postgres" -m fast -w -t 60 -s stop >/dev/null 2>&1 || kill -QUIT "$(pid_of postgres)" 2>/dev/null || true
  fi
  rm -f "$NB_VAR/run/postgres" "$NB_VAR/run/mode"
}

# A leader that was killed leaves its children behind, in the session that it led. A session's number is not given to
# another process while anybody is in it.
end_orphans() {
  local pid
  [ -f "$NB_VAR/run/$1" ] || return 0
  pid=$(pid_of "$1")
  [ -n "$pid" ] && [ ! -d "/proc/$pid" ] || return 0
  pkill -KILL -s "$pid" -u "$(as id -u)" 2>/dev/null || true
}

wait_for_end() {
  local tries=0
  while is_alive "$1"; do
    sleep 0.1
    tries=$((tries + 1))
    if [ $tries -eq 80 ]; then
      if [ "$1" = worker ]; then kill -KILL -- "-$(pid_of "$1")" 2>/dev/null || true; else kill -KILL "$(pid_of "$1")" 2>/dev/null || true; fi
    fi
    [ $tries -lt 120 ] || break
  done
}

all_alive() { is_alive postgres && is_alive fpm && is_alive nginx && is_alive worker; }

page_answers() {
  local tries=0
  until "$php" -r 'exit(@file_get_contents($argv[1]) === false ? 1 : 0);' "http://127.0.0.1:$port/api/session"; do
    sleep 0.2; tries=$((tries + 1)); [ $tries -lt 100 ] || die "The page does not answer; see the logs in $NB_VAR/log"
  done
}
