<?php

declare(strict_types=1);

namespace App\Backup;

use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The mark of a database that a copy is being put back into: until all of it is back nothing may work with it. */
final class Unfinished
{
    private const TABLE = 'restoring';

    public static function mark(): void
    {
        Schema::create(self::TABLE, fn (Blueprint $table) => $table->id());
    }

    public static function unmark(): void
    {
        Schema::drop(self::TABLE);
    }

    public static function isMarked(): bool
    {
        return Schema::hasTable(self::TABLE);
    }
}
