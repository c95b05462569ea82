<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('studio_marks', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 100)->unique(); // its file's name, by which lines mean it
            $table->char('sha256', 64);
            $table->json('facts');
            $table->timestamps();
        });
    }
};
