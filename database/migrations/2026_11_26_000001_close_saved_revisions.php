<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** The app's own role reads and adds; nobody deletes a saved revision, neither by itself nor with its pie. */
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            alter default privileges in schema public grant select, insert, update, delete on tables to hojaldre_app;
            alter default privileges in schema public grant usage, select on sequences to hojaldre_app;
            grant usage on schema public to hojaldre_app;
            grant select, insert, update, delete on all tables in schema public to hojaldre_app;
            grant usage, select on all sequences in schema public to hojaldre_app;
            revoke update, delete, truncate on pie_revisions from hojaldre_app;
            revoke delete, truncate on pies, kitchens from hojaldre_app;
            revoke insert, update, delete on migrations from hojaldre_app;

            -- a delete of the pie would take its revisions along with the rights of the tables' owner
            alter table pie_revisions drop constraint pie_revisions_kitchen_id_pie_id_foreign;
            alter table pie_revisions add constraint pie_revisions_kitchen_id_pie_id_foreign
                foreign key (kitchen_id, pie_id) references pies (kitchen_id, id) on delete restrict;
            create trigger pie_revisions_no_delete before delete on pie_revisions
                for each row execute function pie_revisions_are_written_once();
            create trigger pie_revisions_no_truncate before truncate on pie_revisions
                for each statement execute function pie_revisions_are_written_once();
            create or replace function pie_revisions_are_written_once() returns trigger language plpgsql as $$
            begin
                raise exception 'A saved revision of a pie is never changed or deleted; save a new one.';
            end
            $$;
            SQL);
    }
};
