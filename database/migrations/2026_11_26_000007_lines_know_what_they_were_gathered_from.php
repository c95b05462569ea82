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
            $table->json('gathered_from')->nullable()->comment('ids of the removed lines whose prints it carries');
        });
    }

    public function down(): void
    {
        Schema::table('lines', function (Blueprint $table): void {
            $table->dropColumn('gathered_from');
        });
    }
};
