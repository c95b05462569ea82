<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('made_files', function (Blueprint $table): void {
            $table->index('state'); // what waits or is being made is looked for every few seconds (HandBack)
        });
    }
};
