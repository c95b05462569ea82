<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('labs', function (Blueprint $table): void {
            $table->string('service_url')->nullable(); // where parcels are sent to; without one they are handed over by hand
            $table->text('service_key')->nullable(); // encrypted
        });
        Schema::table('lines', function (Blueprint $table): void {
            $table->text('lab_said')->nullable(); // why the lab sent it back, until it is passed anew
        });
        Schema::create('parcels', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->foreignId('lab_id')->constrained();
            $table->uuid('key')->unique(); // by which the lab knows it: sent twice it is one
            $table->unsignedSmallInteger('number'); // of the order's, from 1
            $table->char('contents', 64)->index(); // the same for the same files with the same wishes
            $table->json('manifest');
            $table->string('folder'); // below the studio's parcels
            $table->string('state', 12)->default('packed');
            $table->unsignedBigInteger('bytes');
            $table->string('held_by')->nullable()->index(); // host:pid:job of the worker that sends it
            $table->text('trouble')->nullable(); // what keeps it, in words
            $table->unsignedSmallInteger('tries')->default(0); // in a row, without a byte getting over
            $table->timestamp('next_try_at')->nullable();
            $table->timestamp('asked_at')->nullable();
            $table->unsignedSmallInteger('asks')->default(0); // since its state changed last
            $table->json('receipt')->nullable();
            $table->text('lab_said')->nullable();
            $table->date('handed_over_on')->nullable(); // by hand
            $table->text('receipt_note')->nullable();
            $table->timestamps();
            $table->unique(['order_id', 'number']);
        });
        Schema::create('parcel_files', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('parcel_id')->constrained()->cascadeOnDelete();
            $table->foreignId('made_file_id')->constrained()->cascadeOnDelete();
            $table->foreignId('line_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->char('sha256', 64);
            $table->unsignedBigInteger('bytes');
            $table->string('upload')->nullable(); // where the lab takes its bytes
            $table->unsignedBigInteger('sent')->default(0);
            $table->json('reasons')->nullable(); // why the lab doesn't print it
            $table->text('difference')->nullable(); // how what the lab will print differs from it
            $table->timestamps();
            $table->unique(['parcel_id', 'name']);
        });
    }
};
