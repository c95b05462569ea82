<?php

declare(strict_types=1);

namespace App\Logging;

use Illuminate\Database\QueryException;
use Illuminate\Log\Logger;
use Monolog\Logger as Monolog;
use Monolog\LogRecord;

/**
 * Keeps what people entered and who they are out of the log: of a failed query it says the statement with its question
 * marks, never the values; of exceptions where they were thrown, never the arguments.
 */
final class Discreet
{
    private const DEEPEST = 5;

    public function __invoke(Logger $logger): void
    {
        $monolog = $logger->getLogger();
        if ($monolog instanceof Monolog) {
            $monolog->pushProcessor(self::record(...));
        }
    }

    public static function record(LogRecord $record): LogRecord
    {
        $context = $record->context;
        $exception = $context['exception'] ?? null;
        if ($exception instanceof \Throwable) {
            $context['exception'] = self::told($exception);
            $message = str_replace($exception->getMessage(), self::message($exception), $record->message);
        }

        return $record->with(message: self::unnamed($message ?? $record->message), context: $context);
    }

    /** @return list<string> */
    private static function told(\Throwable $exception): array
    {
        $told = [];
        for ($one = $exception; $one !== null && count($told) < self::DEEPEST; $one = $one->getPrevious()) {
            $told[] = $one::class.': '.self::message($one)." at {$one->getFile()}:{$one->getLine()}";
        }
        foreach (array_slice($exception->getTrace(), 0, 15) as $at) {
            $told[] = ($at['class'] ?? '').($at['type'] ?? '').$at['function'].' '.($at['file'] ?? '').':'.($at['line'] ?? '');
        }

        return $told;
    }

    public static function message(\Throwable $exception): string
    {
        if ($exception instanceof QueryException) {
            $code =
                preg_match('/SQLSTATE\[\w+\](?: \[\d+\])?(?:: [\w ]+: \d+)?/', $exception->getMessage(), $m) === 1
                    ? $m[0]
                    : 'the query failed';

            return "{$code} ({$exception->getSql()})";
        }

        // A driver repeats values in its own words (“Duplicate entry 'x' for key …”).
        return self::unnamed(
            $exception instanceof \PDOException
                ? (string) preg_replace("/'[^']*'/", "'…'", $exception->getMessage())
                : $exception->getMessage(),
        );
    }

    /** Without what our own messages quote, and what stands behind the host of an address: names of files have clients' in them. */
    private static function unnamed(string $message): string
    {
        return (string) preg_replace(['/“[^”]*”/u', '~(https?://[^/\s"]+)/[^\s"]*~'], ['“…”', '$1/…'], $message);
    }
}
