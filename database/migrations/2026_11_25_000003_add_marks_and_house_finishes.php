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
            $table->json('must_stay_in')->nullable(); // areas marked once, known to all lines of all orders
        });
        Schema::create('house_finishes', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60)->unique();
            $table->json('finish'); // core's HouseFinish
            $table->timestamps();
        });
    }
};
