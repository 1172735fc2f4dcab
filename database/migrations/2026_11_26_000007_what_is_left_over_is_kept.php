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
        Schema::create('kitchen_leftovers', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->uuid('id');
            $table->string('kept', 20);
            $table->string('place', 10);
            $table->string('name', 120);
            $table->decimal('grams', 8, 1)->nullable();
            $table->unsignedSmallInteger('pieces')->nullable();
            $table->date('put_on');
            $table->date('use_by');
            $table->string('put_by', 80);
            // used or thrown away; null while it is there
            $table->string('gone', 8)->nullable();
            $table->timestampsTz();
            $table->primary(['kitchen_id', 'id']);
            $table->index(['kitchen_id', 'gone', 'use_by']);
        });
        DB::statement("alter table kitchen_leftovers add constraint kitchen_leftovers_place_check check (place in ('fridge', 'freezer'))");
        DB::statement("alter table kitchen_leftovers add constraint kitchen_leftovers_gone_check check (gone is null or gone in ('used', 'thrown'))");
        DB::statement('alter table kitchen_leftovers add constraint kitchen_leftovers_dates_check check (use_by >= put_on)');
        DB::statement('alter table kitchen_leftovers add constraint kitchen_leftovers_amount_check check (coalesce(grams, pieces) > 0)');
    }
};
