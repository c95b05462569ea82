<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('makes', fn (Blueprint $table) => $table->string('state', 10)->default('running'));
        DB::table('makes')
            ->whereNotNull('held')
            ->update(['state' => DB::raw('held')]);
        Schema::table('makes', fn (Blueprint $table) => $table->dropColumn('held'));
    }
};
