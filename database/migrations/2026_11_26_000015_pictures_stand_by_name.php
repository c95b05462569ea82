<?php

declare(strict_types=1);

use App\Models\OrderPicture;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('order_pictures', function (Blueprint $table): void {
            // its name, so that it sorts as people count
            $table->string('stands_at', OrderPicture::LONGEST_PLACE)->charset('binary')->default('');
            $table->index(['order_id', 'stands_at']);
        });
        DB::table('order_pictures')
            ->orderBy('id')
            ->each(function (object $picture): void {
                DB::table('order_pictures')
                    ->where('id', $picture->id)
                    ->update(['stands_at' => OrderPicture::standsAt($picture->name)]);
            });
    }
};
