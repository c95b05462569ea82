<?php

declare(strict_types=1);

namespace App\Health;

use Illuminate\Database\Connectors\MariaDbConnector;
use PDO;

/** Connects to the database for a page, which waits two seconds for it and no longer. */
final class QuickConnector extends MariaDbConnector
{
    public const SECONDS = 2;

    /** What changes something may wait for another that does. */
    private const SECONDS_TO_CHANGE = 10;

    /** @param  array<string, mixed>  $config */
    public function connect(array $config): PDO
    {
        if (! Greeting::ofDatabase((string) $config['host'], (int) $config['port'], self::SECONDS)) {
            throw new \PDOException('SQLSTATE[HY000] [2002] The database said nothing for '.self::SECONDS.' s: gone away');
        }

        return parent::connect($config);
    }

    /** @param  bool  $changes  whether what is asked changes something */
    public static function limit(bool $changes): void
    {
        ini_set('mysqlnd.net_read_timeout', (string) ($changes ? self::SECONDS_TO_CHANGE : self::SECONDS));
    }
}
