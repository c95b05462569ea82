<?php

declare(strict_types=1);

namespace Tests\core\Phrase;

use PHPUnit\Framework\TestCase;
use Planisher\Phrase\Article;

/** As numbers are spoken in English. */
final class ArticleTest extends TestCase
{
    public function test_numbers_are_spoken(): void
    {
        foreach (['8 × 10 in', '8.5 × 11 in', '80 × 60 cm', '11 × 14 in', '18 × 24 in', '11.5 × 15 in', 'A4'] as $words) {
            self::assertSame("an {$words}", Article::before($words));
        }
        foreach (['4 × 6 in', '10 × 12 in', '12 × 18 in', '110 × 80 cm', '180 × 90 cm', '1 × 1 in', 'B2'] as $words) {
            self::assertSame("a {$words}", Article::before($words));
        }
    }
}
