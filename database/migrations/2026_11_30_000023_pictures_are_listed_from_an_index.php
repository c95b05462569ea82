<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The names of an order's pictures are asked for with every word that is typed: they are read from the index alone, in its order. */
    public function up(): void
    {
        Schema::table('order_pictures', function (Blueprint $table): void {
            $table->index(['order_id', 'stands_at', 'id', 'name']);
            $table->dropIndex(['order_id', 'stands_at']);
        });
    }
};
