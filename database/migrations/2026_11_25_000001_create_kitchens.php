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
        Schema::create('users', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->string('email', 254)->unique();
            $table->string('password');
            $table->rememberToken();
            $table->timestampsTz();
        });
        Schema::create('kitchens', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('name', 120);
            $table->timestampsTz();
        });
        Schema::create('memberships', static function (Blueprint $table): void {
            $table->foreignUuid('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('role', 10);
            $table->primary(['kitchen_id', 'user_id']);
            // the one question asked without knowing the kitchen: where does this user cook?
            $table->index('user_id');
        });
        DB::statement("alter table memberships add constraint memberships_role_check check (role in ('owner', 'cook', 'guest'))");
        DB::statement('alter table users add constraint users_email_lower_check check (email = lower(email))');
    }
};
