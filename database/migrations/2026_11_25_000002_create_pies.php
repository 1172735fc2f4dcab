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
        Schema::create('pies', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->uuid('id');
            $table->string('name', 120);
            $table->unsignedInteger('revision');
            $table->timestampTz('archived_at')->nullable();
            $table->timestampsTz();
            $table->primary(['kitchen_id', 'id']);
            $table->index(['kitchen_id', 'archived_at', 'updated_at']);
        });
        Schema::create('pie_revisions', static function (Blueprint $table): void {
            $table->uuid('kitchen_id');
            $table->uuid('pie_id');
            $table->unsignedInteger('number');
            $table->jsonb('design');
            $table->string('saved_by', 80);
            $table->timestampTz('saved_at');
            $table->primary(['kitchen_id', 'pie_id', 'number']);
            $table->foreign(['kitchen_id', 'pie_id'])->references(['kitchen_id', 'id'])->on('pies')->cascadeOnDelete();
        });
        DB::statement('alter table pie_revisions add constraint pie_revisions_number_check check (number >= 1)');
        DB::statement("alter table pie_revisions add constraint pie_revisions_format_check check (design->>'format' = 'hojaldre-pie')");
        DB::unprepared(<<<'SQL'
            create or replace function pie_revisions_are_written_once() returns trigger language plpgsql as $$
            begin
                raise exception 'A saved revision of a pie is never changed; save a new one.';
            end
            $$;
            create trigger pie_revisions_no_update before update on pie_revisions
                for each row execute function pie_revisions_are_written_once();
            SQL);
    }
};
