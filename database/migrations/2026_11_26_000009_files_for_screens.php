<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('makes', function (Blueprint $table): void {
            $table->boolean('is_for_screens')->default(false); // copies alone, nothing for the lab
        });
        Schema::table('made_files', function (Blueprint $table): void {
            $table->boolean('is_for_screen')->default(false);
        });
    }
};
