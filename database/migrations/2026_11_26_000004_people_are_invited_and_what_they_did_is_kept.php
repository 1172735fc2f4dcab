<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            // goes up when all sessions are to end; a session keeps the number it came in by
            $table->unsignedInteger('door')->default(1);
        });
        Schema::create('kitchen_invites', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->uuid('id');
            // the link itself is shown once and not kept
            $table->char('token_hash', 64)->unique();
            $table->string('for_whom', 80);
            $table->string('role', 10);
            $table->string('invited_by', 80);
            $table->timestampTz('runs_out_at');
            $table->timestampTz('used_at')->nullable();
            $table->primary(['kitchen_id', 'id']);
        });
        DB::statement("alter table kitchen_invites add constraint kitchen_invites_role_check check (role in ('cook', 'guest'))");
        Schema::create('kitchen_acts', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->bigInteger('id')->generatedAs()->always();
            $table->timestampTz('done_at');
            $table->string('done_by', 80);
            $table->string('deed', 24);
            $table->string('what', 160);
            $table->string('more', 80);
            $table->primary(['kitchen_id', 'id']);
        });
        DB::unprepared(<<<'SQL'
            revoke update, delete, truncate on kitchen_acts from hojaldre_app;
            create or replace function kitchen_acts_are_written_once() returns trigger language plpgsql as $$
            begin
                raise exception 'What was done in a kitchen is written once.';
            end
            $$;
            create trigger kitchen_acts_no_update before update on kitchen_acts
                for each row execute function kitchen_acts_are_written_once();
            create trigger kitchen_acts_no_delete before delete on kitchen_acts
                for each row execute function kitchen_acts_are_written_once();
            SQL);
    }
};
