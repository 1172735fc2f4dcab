<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** Saved pies are lifted when they are read; a kitchen's own foods stand outside of them. */
    public function up(): void
    {
        DB::statement(<<<'SQL'
            update kitchen_foods set food = food || jsonb_build_object('doughKind', case when food->>'role' = 'dough' then case when id like '%puff%' then 'puff' else 'short' end end)
            where food is not null and not jsonb_exists(food, 'doughKind')
            SQL);
    }
};
