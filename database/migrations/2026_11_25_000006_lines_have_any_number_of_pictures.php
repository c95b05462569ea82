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
        Schema::create('line_pictures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('line_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('place');
            $table->foreignId('order_picture_id')->constrained()->cascadeOnDelete();
            $table->timestamps();
            $table->unique(['line_id', 'place']);
        });
        DB::table('line_pictures')->insertUsing(
            ['line_id', 'place', 'order_picture_id', 'created_at', 'updated_at'],
            DB::table('lines')
                ->whereNotNull('order_picture_id')
                ->select(['id', DB::raw('0'), 'order_picture_id', 'created_at', 'updated_at']),
        );
        Schema::table('lines', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('order_picture_id');
        });
    }

    public function down(): void
    {
        Schema::table('lines', function (Blueprint $table): void {
            $table->foreignId('order_picture_id')->nullable()->constrained()->nullOnDelete();
        });
        DB::table('lines')->update([
            'order_picture_id' => DB::raw('(select order_picture_id from line_pictures where line_id = lines.id and place = 0)'),
        ]);
        Schema::drop('line_pictures');
    }
};
