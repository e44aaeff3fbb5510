# A trial cluster on one machine, all on loopback: three MariaDB Galera nodes, two application nodes, HAProxy before both.
# Sourced by ./harbor; what runs where is told in docs/running.md.
CL=$BUILT/cluster
CL_HTTP=${HARBOR_CLUSTER_PORT:-8480}   # HAProxy for people; application nodes at +1 and +2
CL_SQL=${HARBOR_CLUSTER_DB_PORT:-3480} # HAProxy for SQL; data nodes at +1 to +3, their replication at +1011, +1021, +1031

cluster_missing() {
  local missing=()
  command -v haproxy >/dev/null || [ -x /usr/sbin/haproxy ] || missing+=(haproxy)
  [ -f /usr/lib/galera/libgalera_smm.so ] || missing+=(galera-4)
  command -v rsync >/dev/null || missing+=(rsync)
  command -v lsof >/dev/null || missing+=(lsof)
  [ ${#missing[@]} -eq 0 ] && return
  say "Installing ${missing[*]}"
  as_root apt-get update -qq >/dev/null
  as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}" >"$BUILT/apt.log" 2>&1 \
    || { tail -5 "$BUILT/apt.log" >&2; die "could not install ${missing[*]}"; }
}
cl_data() { printf '%s/db%s' "$CL" "$1"; }
cl_repl() { printf '%s' $((CL_SQL + 1001 + 10 * $1)); }
cl_sql() { # node, statement
  (cd "$(cl_data "$1")/db" && MYSQL_PWD=$HARBOR_DB_ROOT mariadb --no-defaults --socket=m.sock -uroot -N -e "$2")
}
# A node of the cluster; the first of all begins it.
cl_start_db() { # node, begin or join
  local n=$1 how=$2 dir data as=() peers repl server
  dir=$(cl_data "$n"); data=$dir/db; repl=$(cl_repl "$n")
  server=$(command -v mariadbd || echo /usr/sbin/mariadbd)
  if [ "$(id -u)" = 0 ]; then as=(--user=mysql); fi
  peers="gcomm://127.0.0.1:$(cl_repl 1),127.0.0.1:$(cl_repl 2),127.0.0.1:$(cl_repl 3)"
  [ "$how" = join ] || peers="gcomm://"
  (cd "$data" && exec "$server" --no-defaults "${as[@]}" --datadir="$data" --socket=m.sock --pid-file=m.pid --port=$((CL_SQL + n)) \
    --bind-address=127.0.0.1 --skip-name-resolve --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci \
    --log-error=err.log --skip-log-bin --log-bin-trust-function-creators=ON --binlog-format=ROW --innodb-autoinc-lock-mode=2 --innodb-buffer-pool-size=128M \
    --wsrep-on=ON --wsrep-provider=/usr/lib/galera/libgalera_smm.so --wsrep-cluster-name=harbor --wsrep-node-name="db$n" \
    --wsrep-cluster-address="$peers" --wsrep-node-address="127.0.0.1:$repl" --wsrep-sst-method=rsync \
    --wsrep-sst-receive-address="127.0.0.1:$((repl + 2))" \
    --wsrep-provider-options="base_host=127.0.0.1;base_port=$repl;gmcast.listen_addr=tcp://127.0.0.1:$repl;ist.recv_addr=127.0.0.1:$((repl + 1));pc.recovery=TRUE;evs.keepalive_period=PT0.5S;evs.suspect_timeout=PT2S;evs.inactive_timeout=PT6S;gcache.size=64M" \
    </dev/null >/dev/null 2>&1) &
  note "$dir/db.pid" $!
  disown || true
}
cl_synced() { [ "$(cl_sql "$1" "SELECT VARIABLE_VALUE FROM information_schema.GLOBAL_STATUS WHERE VARIABLE_NAME='wsrep_local_state'" 2>/dev/null)" = 4 ]; }
cl_await_db() { await "data node $1" "$(cl_data "$1")/db/err.log" 90 cl_synced "$1"; }

# SQL goes to one data node, the first that is whole: row locks hold within one node. The others stand by.
cl_haproxy() {
  local check=$CL/check-db n
  cat >"$check" <<CHECK
#!/bin/sh
# HAProxy gives the address and port of the node as \$3 and \$4: is it whole, and of the majority?
state=\$(MYSQL_PWD='$CL_CHECK' mariadb --no-defaults -h "\$3" -P "\$4" -ucheck --connect-timeout=2 -N -e \\
  "SELECT GROUP_CONCAT(VARIABLE_VALUE ORDER BY VARIABLE_NAME) FROM information_schema.GLOBAL_STATUS WHERE VARIABLE_NAME IN ('wsrep_cluster_status','wsrep_local_state')" 2>/dev/null)
[ "\$state" = "Primary,4" ]
CHECK
  chmod 700 "$check"
  {
    cat <<CFG
global
  maxconn 4000
  external-check
  insecure-fork-wanted
defaults
  timeout connect 2s
  timeout client 6m
  timeout server 6m
listen sql
  bind 127.0.0.1:$CL_SQL
  mode tcp
  option external-check
  external-check path "$PATH:/usr/bin:/bin"
  external-check command $check
  default-server inter 1s fall 2 rise 2 on-marked-down shutdown-sessions on-marked-up shutdown-backup-sessions
CFG
    for n in 1 2 3; do printf '  server db%s 127.0.0.1:%s check%s\n' "$n" $((CL_SQL + n)) "$([ "$n" = 1 ] || echo ' backup')"; done
    cat <<CFG
frontend people
  bind 127.0.0.1:$CL_HTTP
  mode http
  option forwardfor
  default_backend nodes
backend nodes
  mode http
  balance roundrobin
  option redispatch
  retries 2
  # A list that is coming in stays with the node that reads it; everything else may go anywhere.
  cookie NODE insert indirect nocache httponly
  option httpchk GET /actuator/health/readiness
  default-server inter 1s fall 2 rise 1 on-marked-down shutdown-sessions
CFG
    for n in 1 2; do printf '  server app%s 127.0.0.1:%s check cookie app%s\n' "$n" $((CL_HTTP + n)) "$n"; done
  } >"$CL/haproxy.cfg"
  nohup "$(command -v haproxy || echo /usr/sbin/haproxy)" -f "$CL/haproxy.cfg" </dev/null >"$CL/haproxy.log" 2>&1 &
  note "$CL/haproxy.pid" $!
  disown || true
}
cl_start_app() { # node
  local n=$1 dir=$CL/app$1 jar; mkdir -p "$dir"
  jar=$(ls "$BUILT"/app/*.jar | head -1)
  HARBOR_ACCOUNTS=$(awk '{printf "%s%s:%s", (NR>1?",":""), $1, $2}' "$CL/accounts") HARBOR_DEMO=$ROOT/demo \
    HARBOR_DB_URL="jdbc:mariadb://127.0.0.1:$CL_SQL/harbor" HARBOR_DB_SESSION=,wsrep_sync_wait=1 HARBOR_PORT=$((CL_HTTP + n)) \
    LOGGING_FILE_NAME=$dir/app.log LOGGING_THRESHOLD_CONSOLE=OFF \
    nohup java -Xmx512m -XX:+ExitOnOutOfMemoryError -jar "$jar" </dev/null >"$dir/app.out" 2>&1 &
  note "$dir/app.pid" $!
  disown || true
}
cl_await_app() { await "application node $1" "$CL/app$1/app.log" 120 curl -fsS "http://127.0.0.1:$((CL_HTTP + $1))/actuator/health/readiness"; }
cl_env() { set -a; . "$CL/db1/db.env"; set +a; CL_CHECK=$(cat "$CL/check.secret"); }

cluster_up() {
  mkdir -p "$CL"; chmod a+x "$BUILT" "$CL"
  install_missing; cluster_missing
  build_ui; build_app
  if [ ! -f "$CL/begun" ]; then
    rm -rf "$CL"; mkdir -p "$CL"; chmod a+x "$CL"
    # An ordinary data directory with its users; the two others take all of it over from the first.
    RUN=$CL start_db "$CL/db1" $((CL_SQL + 1))
    (umask 077; secret >"$CL/check.secret"; for who in tech lead desk; do printf '%s %s\n' "$who" "$(secret)"; done >"$CL/accounts")
    (cd "$CL/db1/db" && MYSQL_PWD=$HARBOR_DB_ROOT mariadb --no-defaults --socket=m.sock -uroot -e \
      "CREATE USER 'check'@'127.0.0.1' IDENTIFIED BY '$(cat "$CL/check.secret")'")
    end "$CL/db1/db.pid" 30
    local n
    for n in 2 3; do
      mkdir -p "$(cl_data "$n")"; chmod a+x "$(cl_data "$n")"
      if [ "$(id -u)" = 0 ]; then install -d -o mysql -g mysql -m 0750 "$(cl_data "$n")/db"; else install -d -m 0750 "$(cl_data "$n")/db"; fi
    done
    cl_env
    cl_start_db 1 begin; cl_await_db 1
    touch "$CL/begun"
  else
    cl_env
    if ! { alive "$CL/db1/db.pid" || alive "$CL/db2/db.pid" || alive "$CL/db3/db.pid"; }; then
      # All were ended in order, the first last: it has everything.
      sed -i 's/^safe_to_bootstrap: 0/safe_to_bootstrap: 1/' "$CL/db1/db/grastate.dat"
      cl_start_db 1 begin; cl_await_db 1
    fi
  fi
  for n in 1 2 3; do alive "$(cl_data "$n")/db.pid" || { cl_start_db "$n" join; cl_await_db "$n"; }; done
  alive "$CL/haproxy.pid" || cl_haproxy
  # One after another: the first makes the tables.
  for n in 1 2; do alive "$CL/app$n/app.pid" || { cl_start_app "$n"; cl_await_app "$n"; }; done
  say "A trial cluster of three data nodes and two application nodes is at http://127.0.0.1:$CL_HTTP"
  awk '{printf "  %-5s %s\n", $1, $2}' "$CL/accounts"
}
cluster_stop() {
  local n
  for n in 1 2; do end "$CL/app$n/app.pid" 20; done
  end "$CL/haproxy.pid" 5
  for n in 3 2 1; do end "$(cl_data "$n")/db.pid" 30; done
  say "Stopped."
}
cluster_kill() { # db1 … app2: without warning
  case "${1:-}" in db[123] | app[12]) ;; *) die "kill takes db1, db2, db3, app1 or app2" ;; esac
  local file=$CL/$1/${1%[0-9]}.pid pid
  alive "$file" || die "$1 is not running"
  read -r pid _ <"$file"; kill -9 "$pid"; rm -f "$file"
}
cluster_start() { # db1 … app2, after it was killed
  cl_env
  case "${1:-}" in
    db[123]) cl_start_db "${1#db}" join; cl_await_db "${1#db}" ;;
    app[12]) cl_start_app "${1#app}"; cl_await_app "${1#app}" ;;
    *) die "start takes db1, db2, db3, app1 or app2" ;;
  esac
}
# The node hears nothing of the others and they nothing of it, as behind a cable that was pulled.
cluster_cut() { cl_env; cl_sql "${1#db}" "SET GLOBAL wsrep_provider_options='gmcast.isolate=1'"; }
cluster_heal() { cl_env; cl_sql "${1#db}" "SET GLOBAL wsrep_provider_options='gmcast.isolate=0'"; }
cluster_state() {
  cl_env
  local n
  for n in 1 2 3; do
    say "db$n  $(cl_sql "$n" "SELECT GROUP_CONCAT(VARIABLE_NAME,'=',VARIABLE_VALUE SEPARATOR '  ') FROM information_schema.GLOBAL_STATUS WHERE VARIABLE_NAME IN ('wsrep_cluster_status','wsrep_cluster_size','wsrep_local_state_comment')" 2>/dev/null || echo 'does not answer')"
  done
  for n in 1 2; do say "app$n $(curl -s -m 5 "http://127.0.0.1:$((CL_HTTP + n))/actuator/health/readiness" || echo 'does not answer')"; done
}
cmd_cluster() {
  local what=${1:-}; [ $# -eq 0 ] || shift
  case "$what" in
    up|stop|kill|start|cut|heal|state) "cluster_$what" "$@" ;;
    *) die "cluster takes up, stop, state, kill NODE, start NODE, cut dbN or heal dbN" ;;
  esac
}
