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
        Schema::create('prep_marks', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->uuid('batch_id');
            // an act of the list, a line of the shopping list
            $table->string('act', 200);
            $table->unsignedSmallInteger('goes_done');
            $table->boolean('is_done');
            $table->decimal('tare_grams', 8, 1)->nullable();
            $table->decimal('reads_grams', 8, 1)->nullable();
            $table->string('marked_by', 80);
            $table->timestampTz('marked_at');
            $table->primary(['kitchen_id', 'batch_id', 'act']);
            $table->foreign(['kitchen_id', 'batch_id'])->references(['kitchen_id', 'id'])->on('batches')->cascadeOnDelete();
        });
        Schema::create('kitchen_yields', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->uuid('batch_id');
            $table->string('act', 200);
            $table->string('food_id', 40);
            $table->string('preparation', 120);
            $table->decimal('before_grams', 8, 1);
            $table->decimal('after_grams', 8, 1);
            $table->string('weighed_by', 80);
            $table->timestampTz('weighed_at');
            $table->primary(['kitchen_id', 'batch_id', 'act']);
            $table->index(['kitchen_id', 'food_id', 'weighed_at']);
        });
        DB::statement('alter table kitchen_yields add constraint kitchen_yields_grams_check check (before_grams > 0 and after_grams >= 0)');
        Schema::table('kitchen_foods', static function (Blueprint $table): void {
            // what is in the stores, as it is bought
            $table->decimal('stock_grams', 9, 1)->nullable();
        });
        DB::statement('alter table kitchen_foods add constraint kitchen_foods_stock_check check (stock_grams is null or stock_grams between 0 and 1000000)');
    }
};
