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
        Schema::create('kitchen_foods', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('id', 40);
            // null where only a price is kept for a food of the standard pantry
            $table->jsonb('food')->nullable();
            $table->decimal('price_per_kg', 9, 2)->nullable();
            $table->timestampsTz();
            $table->primary(['kitchen_id', 'id']);
        });
        Schema::create('kitchen_tins', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->uuid('id');
            $table->string('name', 60);
            $table->jsonb('tin');
            $table->timestampsTz();
            $table->primary(['kitchen_id', 'id']);
        });
        Schema::create('kitchen_ovens', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->uuid('id');
            $table->string('name', 60);
            $table->string('mode', 10);
            $table->decimal('runs_by_kelvins', 4, 1);
            $table->string('notes', 400);
            $table->timestampsTz();
            $table->primary(['kitchen_id', 'id']);
        });
        DB::statement('alter table kitchen_foods add constraint kitchen_foods_price_check check (price_per_kg is null or price_per_kg between 0 and 100000)');
        DB::statement("alter table kitchen_foods add constraint kitchen_foods_id_check check (food is null or food->>'id' = id)");
        DB::statement("alter table kitchen_ovens add constraint kitchen_ovens_mode_check check (mode in ('static', 'fan'))");
        DB::statement('alter table kitchen_ovens add constraint kitchen_ovens_runs_check check (runs_by_kelvins between -60 and 60)');
        Schema::table('users', static function (Blueprint $table): void {
            $table->string('eggs', 4)->default('us');
        });
        DB::statement("alter table users add constraint users_eggs_check check (eggs in ('us', 'eu'))");
    }
};
