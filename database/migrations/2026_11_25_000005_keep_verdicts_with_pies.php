<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The words of the readings stand beside the pie: a list of pies must not bake each of them again. */
    public function up(): void
    {
        Schema::table('pies', static function (Blueprint $table): void {
            $table->jsonb('verdicts')->nullable();
            $table->unsignedInteger('verdicts_revision')->nullable();
            $table->unsignedInteger('verdicts_model')->nullable();
        });
    }
};
