<?php

declare(strict_types=1);

namespace App\Studio;

use App\Models\Lab;
use App\Models\Order;
use Planisher\Lab\LabCard;
use Planisher\Language\Known;
use Planisher\Language\Words\Common;
use Planisher\Language\Words\PictureNames;
use Planisher\OrderFile\JsonNode;
use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;
use Planisher\Reading\Reader;
use Planisher\Reading\SaidWish;

/** Whether a word may be taught: one that says nothing yet, by words that do. */
final class Taught
{
    /** Of a line that the word is tried on */
    private const LINE = ['size' => '8 x 10 in', 'picture' => 'picture'];

    /**
     * @param  string  $means  empty: it is never minded
     * @param  ?Order  $order  in which it was met, for its lab's names
     * @return array<string, list<string>> what is wrong with it, by field
     */
    public static function trouble(string $words, string $means, ?Order $order): array
    {
        $known = new Known(self::lab($order));
        $trouble = match (true) {
            preg_match('/\p{L}/u', $words) !== 1 => ['words' => ['A word has letters. Figures say what they say.']],
            self::isInEveryList($words) => ['words' => ["“{$words}” is said in every list, and can’t mean one thing."]],
            self::isUnderstood($words, $known) => ['words' => ["“{$words}” is understood already, and can’t mean something else."]],
            $means === '' && preg_match('/\d/', $words) === 1 => ['means' => ['Words with a figure in them are never left out.']],
            default => [],
        };
        if ($trouble !== [] || $means === '') {
            return $trouble;
        }
        $left = self::leftOf($means, $known);

        return $left === null ? [] : ['means' => [$left]];
    }

    private static function isInEveryList(string $words): bool
    {
        $each = preg_split('/\s+/u', mb_strtolower($words)) ?: [];

        return array_filter($each, fn (string $word): bool => ! Common::is($word)) === [];
    }

    private static function isUnderstood(string $words, Known $known): bool
    {
        $wish = SaidWish::read($words, $known, [], self::LINE);

        return $wish->line->isSure() && ($wish->change !== [] || $wish->gather !== null);
    }

    /** What isn't understood of a meaning, in words. */
    private static function leftOf(string $means, Known $known): ?string
    {
        $items = (new Reader($known, new PictureNames([])))->items($means, self::LINE);
        $left = array_filter($items, fn (ChartItem $item): bool => $item->kind === ItemKind::Unknown && $item->why !== null);
        if ($left !== []) {
            return "“{$left[array_key_first($left)]->words}” isn’t understood. Say what it means in words that are.";
        }
        $says = array_filter($items, fn (ChartItem $item): bool => $item->kind->saysSomething());

        return $says === [] ? 'This says nothing of a print. Say what it means, or that it is never minded.' : null;
    }

    private static function lab(?Order $order): LabCard
    {
        $lab = $order->lab ?? Lab::query()->first();

        return $lab === null ? LabCard::fromNode(JsonNode::root(null)) : $lab->labCard();
    }

    /** As it is kept: without signs around it, its spaces single. */
    public static function tidy(string $words): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $words), " \t.,;:!?\"'“”‘’()-–—");
    }
}
