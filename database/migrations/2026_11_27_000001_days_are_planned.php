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
        Schema::create('days', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->uuid('id');
            $table->string('name', 80);
            $table->date('date');
            // whose choices of doughs and tins hold
            $table->uuid('batch_id')->nullable();
            $table->unsignedInteger('revision');
            $table->string('saved_by', 80);
            // of the address that calendars ask; null where there is none
            $table->char('calendar_hash', 64)->nullable()->unique();
            $table->timestampTz('archived_at')->nullable();
            $table->timestampsTz();
            $table->primary(['kitchen_id', 'id']);
            $table->index(['kitchen_id', 'date']);
            $table->foreign(['kitchen_id', 'batch_id'])->references(['kitchen_id', 'id'])->on('batches');
        });
        Schema::create('day_revisions', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained();
            $table->uuid('day_id');
            $table->unsignedInteger('number');
            $table->jsonb('day');
            // when each task was told to begin
            $table->jsonb('told');
            $table->string('saved_by', 80);
            $table->timestampTz('saved_at');
            $table->primary(['kitchen_id', 'day_id', 'number']);
            $table->foreign(['kitchen_id', 'day_id'])->references(['kitchen_id', 'id'])->on('days');
        });
        Schema::create('day_marks', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->uuid('day_id');
            $table->string('task', 250);
            $table->string('kind', 20);
            // minutes from midnight of the day
            $table->smallInteger('start_minute');
            $table->smallInteger('end_minute')->nullable();
            $table->unsignedSmallInteger('planned_minutes');
            $table->string('marked_by', 80);
            $table->timestampTz('marked_at');
            $table->primary(['kitchen_id', 'day_id', 'task']);
            $table->index(['kitchen_id', 'marked_at']);
            $table->foreign(['kitchen_id', 'day_id'])->references(['kitchen_id', 'id'])->on('days')->cascadeOnDelete();
        });
        DB::statement('alter table day_marks add constraint day_marks_minutes_check check (end_minute is null or end_minute >= start_minute)');
        DB::unprepared(<<<'SQL'
            revoke update, delete, truncate on day_revisions from hojaldre_app;
            create or replace function day_revisions_are_written_once() returns trigger language plpgsql as $$
            begin
                raise exception 'A saved revision of a day is never changed or deleted; save a new one.';
            end
            $$;
            create trigger day_revisions_no_change before update or delete on day_revisions
                for each row execute function day_revisions_are_written_once();
            create trigger day_revisions_no_truncate before truncate on day_revisions
                for each statement execute function day_revisions_are_written_once();
            SQL);
    }
};
