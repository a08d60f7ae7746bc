// Passkeys; a second factor as a duty; when the last backup was made; a trail that has class pages and what is done to people.
import type { Knex } from 'knex';

export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create table passkey (
      id text primary key check (length(id) between 1 and 1400),
      account_id uuid not null references account (id),
      public_key bytea not null,
      counter bigint not null default 0,
      name text not null check (length(name) between 1 and 60),
      made_at timestamptz not null default now(),
      used_at timestamptz
    );
    create index passkey_by_account on passkey (account_id);
    alter table passkey enable row level security;
    create policy door on passkey using ((select own_role()) in ('door', 'program')) with check ((select own_role()) in ('door', 'program'));
    grant select, insert, update, delete on passkey to yr_app;

    -- which roles must have one; whoever has none is led to set one up before anything else
    alter table school add column second_for jsonb not null default '[]';
    grant update (second_for) on school to yr_app;
    alter policy may_change on school using ((select own_may('{classes,people}')));

    -- one row, of the whole installation: written by whoever makes backups, read by leads
    create table backup (one boolean primary key default true check (one), at timestamptz not null, bytes bigint not null, encrypted boolean not null);
    grant select on backup to yr_app;

    alter table trail add column class_id uuid, add column about uuid;`);
  await knex.raw(HAS_SECOND);
}

/** Who comes, and whether he lacks the second factor that his role must have. */
const HAS_SECOND = `
create function lacks_second(account uuid, school uuid, of_role text) returns boolean
language plpgsql stable security definer set search_path = public, pg_temp as $$
begin
  perform set_config('app.looking', 'name', true);
  return exists (select 1 from school n where n.id = school and jsonb_exists(n.second_for, of_role))
    and not exists (select 1 from credential c where c.account_id = account and c.totp is not null)
    and not exists (select 1 from passkey p where p.account_id = account);
end $$;
revoke execute on function lacks_second(uuid, uuid, text) from public;
grant execute on function lacks_second(uuid, uuid, text) to yr_app;
`;

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    drop function lacks_second(uuid, uuid, text);
    alter table trail drop column class_id, drop column about;
    drop table backup, passkey;
    alter policy may_change on school using ((select own_may('{classes}')));
    revoke update (second_for) on school from yr_app;
    alter table school drop column second_for;`);
}
