# The private PostgreSQL 15 cluster of this checkout: own port, loopback only, never run as root. Three roles: "hojaldre" makes
# databases and roles and is used by these scripts alone; "hojaldre_owner" owns the tables and changes them; "hojaldre_app" is the
# one the app signs in with: it may not change tables, and not touch a saved revision.

PG_BIN=/usr/lib/postgresql/15/bin

# as_pg CMD...: run as the user the cluster belongs to.
as_pg() {
    if [ "$(id -u)" -eq 0 ]; then
        (cd / && exec setpriv --reuid=postgres --regid=postgres --clear-groups env -i PATH="$PG_BIN:/usr/bin:/bin" LC_ALL=C.UTF-8 "$@" 9>&-)
    else
        (cd / && exec env LC_ALL=C.UTF-8 PATH="$PG_BIN:$PATH" "$@" 9>&-)
    fi
}

# The cluster lies in var/, unless its user may not go there (a home folder closed to others).
find_cluster() {
    if [ -f "$VAR/pg-folder" ]; then
        PG_DATA=$(cat "$VAR/pg-folder")
        [ -d "$PG_DATA" ] && return 0
    fi
    mkdir -p "$VAR/pg"
    if [ "$(id -u)" -eq 0 ]; then
        chown postgres:postgres "$VAR/pg"
        if ! as_pg test -x "$VAR/pg" 2>/dev/null; then
            mkdir -p "/var/tmp/hojaldre-$CHECKOUT"
            chown postgres:postgres "/var/tmp/hojaldre-$CHECKOUT"
            PG_DATA="/var/tmp/hojaldre-$CHECKOUT/data"
            printf '%s' "$PG_DATA" >"$VAR/pg-folder"
            return 0
        fi
    fi
    PG_DATA="$VAR/pg/data"
    printf '%s' "$PG_DATA" >"$VAR/pg-folder"
}

make_cluster() {
    mkdir -p "$VAR/secrets"
    chmod 700 "$VAR/secrets"
    if [ -f "$PG_DATA/PG_VERSION" ]; then
        [ -s "$VAR/secrets/db-password" ] || renew_password
        return 0
    fi
    step "creating the database cluster"
    # what is no cluster is put aside, never deleted: somebody's pies may be in it
    as_pg test -e "$PG_DATA" && as_pg mv "$PG_DATA" "$PG_DATA.aside-$(date +%Y%m%d-%H%M%S)"
    new_password
    local pwfile="${PG_DATA%/*}/pw" new="$PG_DATA.new"
    as_pg rm -rf "$new"
    as_pg sh -c "umask 077; cat >'$pwfile'" <"$VAR/secrets/db-password"
    quietly "$VAR/logs/initdb.log" 'Check that the disk is not full.' \
        as_pg initdb -D "$new" -U hojaldre --pwfile="$pwfile" -A scram-sha-256 -E UTF8 --locale=C.UTF-8
    as_pg rm -f "$pwfile"
    # whole or not at all: a start that is killed in between leaves no half a cluster
    as_pg mv "$new" "$PG_DATA"
}

new_password() {
    (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$VAR/secrets/${1:-db-password}")
}

secret() { cat "$VAR/secrets/$1"; }

# The two roles below the one that made the cluster; one whose password file is gone gets a new password.
have_roles() {
    local role found
    for role in owner app; do
        # a database that does not answer is not one without roles: their passwords stay as they are
        found=$(sql -d postgres -c "select count(*) from pg_roles where rolname = 'hojaldre_$role'") || fail 'The database does not answer.' 'It may be ending. Run the command again.'
        if [ "$found" = 0 ]; then
            new_password "db-$role-password"
            sql -d postgres -c "create role hojaldre_$role login nosuperuser nocreatedb nocreaterole password '$(secret "db-$role-password")'"
        elif [ ! -s "$VAR/secrets/db-$role-password" ]; then
            new_password "db-$role-password"
            sql -d postgres -c "alter role hojaldre_$role password '$(secret "db-$role-password")'"
        fi
    done
    # the owner may act as the app, so that a test can ask what the app may do
    sql -d postgres -c 'grant hojaldre_app to hojaldre_owner'
}

# The password file is gone and the cluster is not: give its role a new one, as the server alone on its files can.
renew_password() {
    step "giving the database a new password"
    as_pg pg_ctl -D "$PG_DATA" -m fast -w stop >/dev/null 2>&1 || true
    new_password
    as_pg postgres --single -D "$PG_DATA" postgres >"$VAR/logs/password.log" 2>&1 <<<"alter role hojaldre password '$(cat "$VAR/secrets/db-password")'"
}

start_database() {
    find_cluster
    make_cluster
    if as_pg pg_ctl -D "$PG_DATA" status >/dev/null 2>&1; then
        DB_PORT=$(cat "$VAR/pg-port")
        have_roles
        return 0
    fi
    local log="${PG_DATA%/*}/server.log" try
    DB_PORT=$(cat "$VAR/pg-port" 2>/dev/null || echo 54420)
    for try in 1 2 3; do
        DB_PORT=$(first_free_port "$DB_PORT")
        if as_pg pg_ctl -D "$PG_DATA" -w -t 60 -l "$log" \
            -o "-c listen_addresses=127.0.0.1 -c port=$DB_PORT -c unix_socket_directories=" start >"$VAR/logs/pg_ctl.log" 2>&1 </dev/null; then
            printf '%s' "$DB_PORT" >"$VAR/pg-port"
            have_roles
            return 0
        fi
        # somebody else may have taken the port between the look and the leap
        DB_PORT=$((DB_PORT + try))
    done
    as_pg tail -n 20 "$log" >&2 || true
    fail 'The database does not start.' "Read $log; if it speaks of a full disk or of permissions, mend that and start again."
}

stop_database() {
    [ -f "$VAR/pg-folder" ] || return 0
    PG_DATA=$(cat "$VAR/pg-folder")
    if [ -d "$PG_DATA" ] && as_pg pg_ctl -D "$PG_DATA" status >/dev/null 2>&1; then
        as_pg pg_ctl -D "$PG_DATA" -m fast -w stop >/dev/null 2>&1 || true
    fi
}

sql() { PGOPTIONS="-c client_min_messages=warning" PGPASSWORD=$(secret db-password) "$PG_BIN/psql" -h 127.0.0.1 -p "$DB_PORT" -U hojaldre -qAtX -v ON_ERROR_STOP=1 "$@"; }

# have_database NAME [fresh]: there is a database of this name, the owner's; with "fresh", an empty one.
have_database() {
    if [ "${2:-}" = fresh ]; then sql -d postgres -c "drop database if exists $1 with (force)"; fi
    [ "$(sql -d postgres -c "select 1 from pg_database where datname = '$1'")" = 1 ] || sql -d postgres -c "create database $1"
    sql -d postgres -c "alter database $1 owner to hojaldre_owner"
    # what an older Hojaldre made belongs to the role of the cluster
    sql -d "$1" <<'SQL'
alter schema public owner to hojaldre_owner;
do $$
declare one record;
begin
    for one in select c.oid::regclass as name from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind = 'r' and pg_get_userbyid(c.relowner) <> 'hojaldre_owner' loop
        execute format('alter table %s owner to hojaldre_owner', one.name);
    end loop;
    for one in select p.oid::regprocedure as name from pg_proc p where p.pronamespace = 'public'::regnamespace and pg_get_userbyid(p.proowner) <> 'hojaldre_owner' loop
        execute format('alter function %s owner to hojaldre_owner', one.name);
    end loop;
end
$$;
SQL
}
