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
        Schema::create('batches', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->uuid('id');
            $table->string('name', 80);
            // the newest; a save names the one it was based on
            $table->unsignedInteger('revision');
            $table->jsonb('batch');
            $table->string('saved_by', 80);
            $table->timestampTz('archived_at')->nullable();
            $table->timestampsTz();
            $table->primary(['kitchen_id', 'id']);
        });
        Schema::create('kitchen_doughs', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            // the food that it makes
            $table->string('id', 40);
            $table->jsonb('formula');
            $table->timestampsTz();
            $table->primary(['kitchen_id', 'id']);
        });
        DB::statement("alter table kitchen_doughs add constraint kitchen_doughs_id_check check (formula->>'id' = id)");
        Schema::create('dough_waters', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->uuid('id');
            $table->string('dough_id', 40);
            // what was offered and what it took, in goes
            $table->jsonb('log');
            $table->decimal('used_percent', 6, 2);
            $table->string('logged_by', 80);
            $table->timestampTz('logged_at');
            $table->primary(['kitchen_id', 'id']);
            $table->index(['kitchen_id', 'dough_id', 'logged_at']);
        });
        DB::statement('alter table dough_waters add constraint dough_waters_used_check check (used_percent between 0 and 300)');
    }
};
