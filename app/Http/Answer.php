<?php

declare(strict_types=1);

namespace App\Http;

/**
 * Where a route leads, with the name of what it answers: a shape of core/OrderFile/answers.schema.json, which the tests hold it
 * against.
 */
final class Answer
{
    /**
     * @param  class-string  $controller
     * @return array{uses: string, answers: string} a route's action
     */
    public static function of(string $shape, string $controller, string $method): array
    {
        return ['uses' => "{$controller}@{$method}", 'answers' => $shape];
    }
}
