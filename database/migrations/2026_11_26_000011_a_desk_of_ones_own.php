<?php

declare(strict_types=1);

use App\Lines\SizeKey;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('studio', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->char('unit', 2)->default('in');
            $table->json('usual')->nullable(); // what new lines begin with: "name" and "output" of the order file's line
            $table->string('export_folder', 400)->nullable(); // made files are put into it besides
            $table->string('pictures_folder', 400)->nullable(); // pictures are taken from it
            $table->timestamps();
        });
        Schema::create('password_reset_tokens', function (Blueprint $table): void {
            $table->string('email')->collation('utf8mb4_bin')->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });
        Schema::table('labs', function (Blueprint $table): void {
            $table->unsignedInteger('version')->default(1); // counts changes; a change says which one it saw
        });
        Schema::table('orders', function (Blueprint $table): void {
            $table->dropUnique(['number']); // an order that was brought in keeps its number: it stands in file names and captions
            $table->index('number');
            $table->text('remark')->nullable(); // for oneself
            $table->text('remark_for_lab')->nullable();
            $table->timestamp('put_away_at')->nullable()->index();
            $table->softDeletes();
        });
        Schema::table('lines', function (Blueprint $table): void {
            $table->text('remark')->nullable();
            $table->text('remark_for_lab')->nullable();
            $table->string('size_key', 40)->nullable()->index(); // its size in nanometres, shorter side first: to be found by
        });
        Schema::table('makes', function (Blueprint $table): void {
            $table->string('export_folder', 400)->nullable(); // that its files are put into besides
        });
        Schema::create('order_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('line_number')->nullable();
            $table->string('who', 120); // kept as it was, whoever has left since
            $table->string('what', 240);
            $table->timestamps();
            $table->index(['order_id', 'id']);
        });
        foreach (DB::table('lines')->get(['id', 'wanted']) as $line) {
            DB::table('lines')
                ->where('id', $line->id)
                ->update(['size_key' => SizeKey::of((array) json_decode((string) $line->wanted, true))]);
        }
    }
};
