<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('client_pages', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->string('mark', 100)->nullable(); // laid over the pictures, by its name
            $table->boolean('reopens')->default(false); // whether a note opens its line again
            $table->timestamp('expires_at');
            $table->timestamp('revoked_at')->nullable();
            $table->unsignedInteger('seen')->default(0);
            $table->timestamp('first_seen_at')->nullable();
            $table->timestamp('last_seen_at')->nullable();
            $table->timestamps();
        });
        Schema::create('client_answers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_page_id')->constrained()->cascadeOnDelete();
            $table->foreignId('line_id')->constrained()->cascadeOnDelete();
            $table->char('plan_hash', 64); // of what was seen
            $table->boolean('is_yes');
            $table->text('note')->nullable();
            $table->timestamps();
            $table->index(['line_id', 'id']);
        });
    }
};
