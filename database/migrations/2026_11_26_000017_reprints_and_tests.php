<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('lines', function (Blueprint $table): void {
            $table->string('apart', 20)->nullable(); // reprint-1, test: what its files are kept apart by
            $table->foreignId('test_of')->nullable()->constrained('lines')->nullOnDelete(); // the line that a test strip is for
        });
        Schema::table('makes', function (Blueprint $table): void {
            $table->string('apart', 20)->nullable();
        });
    }
};
