<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The shelf tells thousands of pictures' sides: read out of their facts once, not at every look. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('pictures', function (Blueprint $table): void {
            foreach (['width', 'height'] as $side) {
                $table->unsignedInteger($side)->storedAs("json_value(facts, '$.{$side}')");
            }
        });
    }
};
