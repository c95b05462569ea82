<?php

declare(strict_types=1);

namespace Tests\app;

use App\Views\Views;
use Illuminate\Routing\Route;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;

/** Holds every answer of the API that is no error against the shape that its route names, of core/OrderFile/answers.schema.json. */
final class Answers
{
    private const SCHEMAS = __DIR__.'/../../core/OrderFile';

    private const ID = 'https://planisher.example/answers.schema.json';

    private static ?Validator $validator = null;

    public static function check(TestResponse $answer, ?Route $route): void
    {
        $isJson = str_starts_with((string) $answer->headers->get('Content-Type'), 'application/json');
        $isOfApi = $route !== null && preg_match('~^(api|shown)/~', $route->uri()) === 1;
        if (! $isOfApi || $answer->headers->has('Content-Disposition') || ! $isJson || ! $answer->isSuccessful()) {
            return;
        }
        $asked = "{$route->methods()[0]} {$route->uri()}";
        $shape = self::shape($answer, $route);
        Assert::assertNotNull($shape, "{$asked} names no answer: give it one in routes/web.php");
        $result = self::validator()->validate(json_decode((string) $answer->getContent()), self::ID."#/\$defs/{$shape}");
        $error = $result->error();
        Assert::assertNull(
            $error,
            "{$asked} is no {$shape}: ".($error === null ? '' : json_encode((new ErrorFormatter())->format($error))),
        );
    }

    /** What the route names; of what a worker goes on with, what it is asked after by. */
    private static function shape(TestResponse $answer, Route $route): ?string
    {
        return match (true) {
            $answer->getStatusCode() === 202 => 'Reading',
            $route->hasParameter('view') => Views::ANSWERS[$route->originalParameter('view')] ?? null,
            default => $route->getAction('answers'),
        };
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator();
            self::$validator->setMaxErrors(3);
            $known = self::$validator->resolver() ?? throw new \LogicException('It finds schemas by a resolver.');
            $known->registerFile(self::ID, self::SCHEMAS.'/answers.schema.json');
            $known->registerFile('https://planisher.example/order.schema.json', self::SCHEMAS.'/order.schema.json');
        }

        return self::$validator;
    }
}
