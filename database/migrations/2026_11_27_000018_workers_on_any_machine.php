<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('machines', function (Blueprint $table): void {
            $table->string('name', 190)->primary();
            $table->dateTime('seen_at', 3); // by the database's clock
            $table->unsignedSmallInteger('workers')->default(0);
        });
        // A file that waits for room, or for the store, is tried for as long as that takes.
        Schema::table('jobs', fn (Blueprint $table) => $table->unsignedInteger('attempts')->change());
        // What workers are doing, so that it is done elsewhere when they die.
        Schema::create('jobs_in_hand', function (Blueprint $table): void {
            $table->string('holder', 250)->primary(); // machine:process
            $table->string('queue', 50);
            $table->string('job_id', 50);
            $table->longText('payload');
        });
    }
};
