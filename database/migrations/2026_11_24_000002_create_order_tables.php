<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('labs', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->json('card'); // the order file's "lab"
            $table->timestamps();
        });
        Schema::create('clients', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->timestamps();
        });
        Schema::create('orders', function (Blueprint $table): void {
            $table->id();
            $table->string('number', 40)->unique();
            $table->string('title', 120)->nullable();
            $table->foreignId('client_id')->constrained();
            $table->foreignId('lab_id')->constrained();
            $table->date('ordered_on');
            $table->date('due_on')->nullable()->index();
            $table->timestamps();
        });
        Schema::create('pictures', function (Blueprint $table): void {
            $table->id();
            $table->char('sha256', 64)->unique();
            $table->json('facts'); // core's PictureFacts
            $table->unsignedBigInteger('modified_at'); // of the stored original, to see cheaply that nobody touched it
            $table->timestamps();
        });
        Schema::create('order_pictures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->foreignId('picture_id')->constrained();
            $table->string('name'); // what it was called when it came, made unlike the others of the order
            $table->timestamps();
            $table->unique(['order_id', 'picture_id']);
            $table->unique(['order_id', 'name']);
        });
        Schema::create('lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('number'); // given once and never again, so that files keep their names
            $table->foreignId('order_picture_id')->nullable()->constrained()->nullOnDelete();
            $table->json('wanted'); // the order file's line, without its picture
            $table->string('state', 10)->default('open'); // open, passed, made
            $table->json('passed_with')->nullable(); // the findings that were there when it was passed
            $table->unsignedInteger('version')->default(1); // counts changes; a change says which one it saw
            $table->timestamps();
            $table->softDeletes();
            $table->unique(['order_id', 'number']);
        });
        Schema::create('makes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->string('folder'); // below the studio's orders
            $table->timestamps();
        });
        Schema::create('made_files', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('make_id')->constrained()->cascadeOnDelete();
            $table->foreignId('line_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('line_version');
            $table->string('name');
            $table->json('ticket'); // line, lab card and picture as they were when making was asked for
            $table->string('state', 10)->default('waiting'); // waiting, making, made, failed
            $table->unsignedTinyInteger('percent')->default(0);
            $table->string('held_by')->nullable()->index(); // host:pid:job of the worker that makes it
            $table->text('error')->nullable();
            $table->unsignedBigInteger('bytes')->nullable();
            $table->char('sha256', 64)->nullable();
            $table->json('read_back')->nullable();
            $table->timestamps();
            $table->unique(['make_id', 'name']);
        });
    }
};
