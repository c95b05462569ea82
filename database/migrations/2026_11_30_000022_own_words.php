<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('own_words', function (Blueprint $table): void {
            $table->id();
            $table->string('words', 40)->unique();
            $table->string('means', 120); // empty: never minded
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
    }
};
