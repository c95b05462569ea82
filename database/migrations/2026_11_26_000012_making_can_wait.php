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
            $table->string('held', 10)->nullable(); // paused or stopped by somebody; its files wait
        });
        Schema::table('made_files', function (Blueprint $table): void {
            $table->unsignedBigInteger('pixels')->default(0);
            $table->float('seconds')->nullable(); // that a worker took to make it
            $table->char('ticket_hash', 64)->nullable()->index(); // of all that it is made from, its name too
            $table->string('made_before', 200)->nullable(); // the folder of the set that the same file was made in
        });
    }
};
