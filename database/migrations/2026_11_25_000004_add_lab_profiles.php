<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('lab_profiles', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('lab_id')->constrained()->cascadeOnDelete();
            $table->string('file'); // the name it was uploaded under, by which papers and lines mean it
            $table->char('sha256', 64);
            $table->string('description');
            $table->timestamps();
            $table->unique(['lab_id', 'file']);
        });
    }
};
