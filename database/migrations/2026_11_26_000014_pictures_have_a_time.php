<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('pictures', function (Blueprint $table): void {
            $table->string('taken', 19)->nullable(); // when, by the camera's clock, which knows no zone: YYYY-MM-DDTHH:MM:SS
        });
    }
};
