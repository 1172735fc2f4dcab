<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How brown a cook wants a pie, as last chosen: a new one begins so. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->string('colour', 8)->default('gold');
        });
        DB::statement("alter table users add constraint users_colour_check check (colour in ('pale', 'straw', 'gold', 'deep'))");
    }
};
