<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        foreach (['orders', 'studio', 'house_finishes'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->unsignedInteger('version')->default(1);
            });
        }
    }
};
