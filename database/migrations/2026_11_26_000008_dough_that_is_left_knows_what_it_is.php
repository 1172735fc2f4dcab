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
        Schema::table('kitchen_leftovers', static function (Blueprint $table): void {
            // of dough the food that it is, so that a batch makes so much less of it
            $table->string('food_id', 40)->nullable();
        });
        // batches that chose something of a dough before took nothing from an earlier one
        DB::statement(<<<'SQL'
            update batches set batch = jsonb_set(batch, '{doughs}', (
                select jsonb_agg(dough || '{"fromBeforeGrams": 0}'::jsonb) from jsonb_array_elements(batch->'doughs') dough
            )) where jsonb_array_length(batch->'doughs') > 0
            SQL);
    }
};
