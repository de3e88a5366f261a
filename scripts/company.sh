# Who may sign in where nobody can, and the branches of a company: what the machine's keeper does. Sourced
# by ./rotor.

# make_password PSQL: a long random one, and its hash by bcrypt, as the application has it, by PostgreSQL's
# own pgcrypto outside of the application's database; no command line shows it. Sets password and hash.
make_password() {
  password=$(head -c 12 /dev/urandom | base64 | tr '/+' '_-')
  hash=$(PASSWORD=$password "$1" -d postgres -qAt -v ON_ERROR_STOP=1 <<'SQL'
\set secret `printf %s "$PASSWORD"`
set client_min_messages = warning;
create extension if not exists pgcrypto;
select crypt(:'secret', gen_salt('bf', 10));
SQL
  ) && [[ $hash == \$2a\$10\$* ]] || fail "PostgreSQL could not make the password's hash: its pgcrypto is missing"
}

# lead: another password for a lead, where nobody can sign in any more: whoever reads these data is the
# machine's keeper, and can do anything anyway.
lead() {
  local data='' login=''
  while [ $# -gt 0 ]; do
    case "$1" in
      --data) data=${2:-}; shift 2 || fail "--data needs a folder" ;;
      -*) fail "lead does not know '$1'; see ./rotor help" ;;
      *) [ -z "$login" ] || fail "lead: found '$1' beside '$login'; allowed is one sign-in name"; login=$1; shift ;;
    esac
  done
  need postgres
  if [ -z "$data" ]; then data=$(default_data); fi
  data=$(cd "$data" 2>/dev/null && pwd) || fail "--data: there is no such folder"
  reach_database
  local psql password hash changed leads
  psql=$(postgres_folder)/psql
  leads=$("$psql" -d rotor -qAt -c "select login from account where role = 'LEAD' and not closed order by login" | paste -sd ' ')
  make_password "$psql"
  changed=$(LOGIN=$login HASH=$hash "$psql" -d rotor -qAt -v ON_ERROR_STOP=1 <<'SQL'
\set login `printf %s "$LOGIN"`
\set hash `printf %s "$HASH"`
begin;
delete from known_device where account_id in (select id from account where login = :'login');
delete from passkey where account_id in (select id from account where login = :'login' and role = 'LEAD');
update account set password = :'hash', password_enough = true, edition = edition + 1
  where login = :'login' and role = 'LEAD' and not closed returning 'changed';
insert into account_event (id, kind, account_id, detail, at)
  select gen_random_uuid(), 'PASSWORD_SET', id, 'by the command line', now() from account where login = :'login' and role = 'LEAD' and not closed;
commit;
SQL
  )
  [ -z "$STARTED" ] || postgres_stop "$data"
  [ "$changed" = changed ] || fail "lead: found '$login'; allowed is the sign-in name of a lead: ${leads:-there is none}"
  say "Sign-in: name $login, password $password"
  say "It is shown this once. Every session of this account has ended; change the password after signing in."
}

# branch: those of the company, one more, or what they share.
branch() {
  local data='' name='' login='' share=''
  while [ $# -gt 0 ]; do
    case "$1" in
      --data) data=${2:-}; shift 2 || fail "--data needs a folder" ;;
      --lead) login=${2:-}; shift 2 || fail "--lead needs a sign-in name" ;;
      --share) share=${2:-}; shift 2 || fail "--share needs books, motors or learnt" ;;
      -*) fail "branch does not know '$1'; see ./rotor help" ;;
      *) [ -z "$name" ] || fail "branch: found '$1' beside '$name'; allowed is one name, in quotes where it has spaces"; name=$1; shift ;;
    esac
  done
  [ -z "$name" ] || { [ ${#name} -le 80 ] && [[ $name != *[[:cntrl:]]* ]]; } || fail "branch: allowed is a name of up to 80 characters"
  [ -z "$name" ] || [[ $login =~ ^[a-z0-9._-]{2,60}$ ]] ||
    fail "branch: '$name' takes its first lead's sign-in name with --lead: 2 to 60 of a-z, 0-9, point, dash, underscore"
  [ -n "$name" ] || [ -z "$login" ] || fail "branch: --lead is of a new branch, and there is no name of one"
  case "$share" in
    '' | books | motors | learnt) ;;
    *) fail "--share: found '$share'; allowed is books, motors or learnt" ;;
  esac
  need postgres
  if [ -z "$data" ]; then data=$(default_data); fi
  data=$(cd "$data" 2>/dev/null && pwd) || fail "--data: there is no such folder"
  reach_database
  local psql password hash made=yes error=''
  psql=$(postgres_folder)/psql
  if [ "$("$psql" -d rotor -qAt -c "select to_regclass('branch') is not null")" != t ]; then
    [ -z "$STARTED" ] || postgres_stop "$data"
    fail "branch: these data are of a version without branches; start this one on them first"
  fi
  if [ -n "$share" ]; then
    SHARE=$share "$psql" -d rotor -qAt -v ON_ERROR_STOP=1 <<'SQL' || made=no
\set share `printf %s "$SHARE"`
insert into shared values (upper(:'share'), now()) on conflict do nothing;
SQL
  fi
  if [ -n "$name" ]; then
    make_password "$psql"
    error=$(NAME=$name LOGIN=$login HASH=$hash "$psql" -d rotor -qAt -v ON_ERROR_STOP=1 2>&1 <<'SQL'
\set name `printf %s "$NAME"`
\set login `printf %s "$LOGIN"`
\set hash `printf %s "$HASH"`
select gen_random_uuid() as id \gset
begin;
\o /dev/null
select add_branch(:'id', :'name');
insert into account (id, login, name, role, keeps_books, password, created_at, branch)
  values (gen_random_uuid(), :'login', :'login', 'LEAD', true, :'hash', now(), :'id');
insert into account_event (id, kind, account_id, detail, at)
  select gen_random_uuid(), 'ACCOUNT_OPENED', id, 'lead, by the command line', now() from account where login = :'login';
commit;
SQL
    ) || made=no
  fi
  "$psql" -d rotor -qAt -F '	' -c "select branch.name, count(account.id) filter (where not closed) || ' accounts',
    (select count(*) from service_call where service_call.branch = branch.id and not practice) || ' calls'
    from branch left join account on account.branch = branch.id group by branch.id order by branch.at, branch.name"
  "$psql" -d rotor -qAt -c "select 'shared by all: ' || lower(string_agg(what, ', ' order by what)) from shared having count(*) > 0"
  [ -z "$STARTED" ] || postgres_stop "$data"
  # PostgreSQL says which it was, in words that are not for everybody.
  case "$error" in
    *branch_name_key*) fail "branch: found '$name'; a branch of this name is there already" ;;
    *account_login*) fail "--lead: found '$login'; somebody has this sign-in name already, in this branch or another" ;;
  esac
  [ $made = yes ] || fail "branch: nothing was made. ${error:-PostgreSQL did not take it}"
  if [ -n "$name" ]; then
    say "First lead of '$name': sign-in name $login, password $password"
    say "It is shown this once; change it after signing in."
  fi
}
