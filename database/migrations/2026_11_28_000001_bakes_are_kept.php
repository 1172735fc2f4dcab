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
        Schema::create('bakes', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->uuid('id');
            $table->uuid('pie_id')->nullable();
            $table->string('name', 120);
            $table->unsignedSmallInteger('count');
            // as it was baked: a pie that is changed later does not change what was done
            $table->jsonb('design');
            $table->jsonb('foretold');
            // gates and acts with their sentences' codes, as they were told
            $table->jsonb('legs');
            // simulated bakes in kitchens that differ, by the minute
            $table->jsonb('possible');
            $table->uuid('oven_id')->nullable();
            $table->string('oven', 80);
            $table->timestampTz('planned_at')->nullable();
            $table->timestampTz('in_at', 3)->nullable();
            $table->timestampTz('out_at', 3)->nullable();
            // when it was to come out, and between what 8 in 10 would
            $table->decimal('designed_minutes', 6, 2);
            $table->decimal('low_minutes', 6, 2);
            $table->decimal('high_minutes', 6, 2);
            // it came out within the range that was foretold
            $table->boolean('in_range')->nullable();
            // waiting, in, resting, ended, away
            $table->string('state', 10);
            $table->string('underside', 10)->nullable();
            $table->string('slice', 10)->nullable();
            $table->string('colour', 10)->nullable();
            $table->string('salt', 10)->nullable();
            $table->jsonb('faults');
            // weights as they were, by layer; null where it went in as designed
            $table->jsonb('weighed')->nullable();
            $table->string('words', 400);
            $table->string('next_time', 160);
            $table->string('judged_by', 80)->nullable();
            $table->timestampTz('judged_at')->nullable();
            // what it says of its oven, and what of it was known when that was worked out
            $table->jsonb('evidence')->nullable();
            $table->char('evidence_of', 32)->nullable();
            // what a search looks in: pie, foods, oven, words, faults
            $table->text('looked_for');
            $table->string('begun_by', 80);
            $table->timestampsTz();
            $table->primary(['kitchen_id', 'id']);
            $table->index(['kitchen_id', 'state', 'planned_at']);
            $table->index(['kitchen_id', 'out_at']);
            $table->index(['kitchen_id', 'pie_id', 'out_at']);
            $table->foreign(['kitchen_id', 'pie_id'])->references(['kitchen_id', 'id'])->on('pies');
        });
        Schema::create('bake_events', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->uuid('bake_id');
            // given by the device: sent twice, it is stored once
            $table->uuid('id');
            $table->bigInteger('number')->generatedAs()->always();
            $table->string('kind', 12);
            $table->string('leg', 6);
            $table->string('what', 40);
            $table->string('answer', 30);
            $table->decimal('value', 8, 2)->nullable();
            $table->timestampTz('at', 3);
            $table->string('pressed_by', 80);
            $table->primary(['kitchen_id', 'bake_id', 'id']);
            $table->index(['kitchen_id', 'bake_id', 'number']);
            $table->foreign(['kitchen_id', 'bake_id'])->references(['kitchen_id', 'id'])->on('bakes')->cascadeOnDelete();
        });
        Schema::create('bake_readings', static function (Blueprint $table): void {
            $table->uuid('kitchen_id');
            $table->uuid('bake_id');
            $table->timestampTz('at', 3);
            $table->float('celsius', 24);
            $table->primary(['kitchen_id', 'bake_id', 'at']);
            $table->foreign(['kitchen_id', 'bake_id'])->references(['kitchen_id', 'id'])->on('bakes')->cascadeOnDelete();
        });
        Schema::create('lessons', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            // oven:ID, below:ID, yield:FOOD|PREPARATION, salt, colour
            $table->string('thing', 200);
            $table->string('state', 10);
            $table->decimal('value', 8, 4);
            // what was in use before, so that it can be taken back
            $table->decimal('was', 8, 4);
            $table->string('decided_by', 80);
            $table->timestampTz('decided_at');
            $table->primary(['kitchen_id', 'thing']);
        });
        DB::statement("alter table lessons add constraint lessons_state_check check (state in ('accepted', 'refused'))");
        Schema::table('kitchen_ovens', static function (Blueprint $table): void {
            // heat from below against the usual, as its bakes tell and a cook accepted
            $table->decimal('below_factor', 6, 3)->default(1);
        });
        DB::statement("alter table bakes add constraint bakes_state_check check (state in ('waiting', 'in', 'resting', 'ended', 'away'))");
        DB::statement('alter table bakes add constraint bakes_out_check check (out_at is null or (in_at is not null and out_at >= in_at))');
        DB::unprepared(<<<'SQL'
            revoke update, delete, truncate on bake_events from hojaldre_app;
            create or replace function bake_events_are_written_once() returns trigger language plpgsql as $$
            begin
                raise exception 'What was pressed at the oven is never changed; an undo is another press.';
            end
            $$;
            create trigger bake_events_no_change before update on bake_events
                for each row execute function bake_events_are_written_once();
            create trigger bake_events_no_truncate before truncate on bake_events
                for each statement execute function bake_events_are_written_once();
            SQL);
    }
};
