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
        Schema::create('bake_photos', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->uuid('bake_id');
            // the file is called so
            $table->uuid('id');
            $table->char('sha256', 64);
            $table->unsignedInteger('bytes');
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->string('put_by', 80);
            $table->timestampTz('put_at');
            $table->primary(['kitchen_id', 'id']);
            $table->index(['kitchen_id', 'bake_id', 'put_at']);
            $table->foreign(['kitchen_id', 'bake_id'])->references(['kitchen_id', 'id'])->on('bakes')->cascadeOnDelete();
        });
        Schema::create('trials', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->uuid('id');
            $table->string('name', 120);
            // what each of them is, with its bake where it is in the book
            $table->jsonb('pies');
            $table->string('begun_by', 80);
            $table->timestampTz('begun_at');
            $table->primary(['kitchen_id', 'id']);
        });
        Schema::create('tastings', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->uuid('trial_id');
            $table->uuid('id');
            $table->string('taster', 80);
            // numbers of the pies from 0 on, best first
            $table->jsonb('best_first');
            $table->timestampTz('tasted_at');
            $table->primary(['kitchen_id', 'trial_id', 'id']);
            $table->foreign(['kitchen_id', 'trial_id'])->references(['kitchen_id', 'id'])->on('trials')->cascadeOnDelete();
        });
        Schema::table('kitchen_leftovers', static function (Blueprint $table): void {
            // the bake that it comes from
            $table->uuid('bake_id')->nullable();
            $table->foreign(['kitchen_id', 'bake_id'])->references(['kitchen_id', 'id'])->on('bakes');
        });
        Schema::table('kitchens', static function (Blueprint $table): void {
            // of a selling price; and what a portion costs beside its food
            $table->decimal('margin_percent', 4, 1)->nullable();
            $table->decimal('other_cost', 8, 2)->nullable();
        });
        DB::statement('alter table kitchens add constraint kitchens_margin_check check (margin_percent is null or (margin_percent >= 0 and margin_percent < 100))');
    }
};
