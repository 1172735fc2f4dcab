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
        Schema::table('users', static function (Blueprint $table): void {
            $table->string('volumes', 12)->default('metric');
            $table->string('temperatures', 12)->default('celsius');
        });
        DB::statement("alter table users add constraint users_volumes_check check (volumes in ('metric', 'us', 'australian'))");
        DB::statement("alter table users add constraint users_temperatures_check check (temperatures in ('celsius', 'fahrenheit', 'gas-mark'))");
    }
};
