<?php

declare(strict_types=1);

namespace Planisher\Reading\Message;

use Planisher\Finish\LineReader;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;
use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;
use Planisher\Reading\ReadLine;
use Planisher\Reading\ReadPrint;

/** A line that came of an order file: JSON in a line of its own. It says exactly what is wanted, so nothing of it is guessed. */
final class FiledLine
{
    public static function is(string $line): bool
    {
        return preg_match('/^\s*\{\s*"/', $line) === 1;
    }

    /**
     * @param  int  $number  in the list, from 1
     * @param  list<string>  $pictures  names of the order's pictures
     */
    public static function read(int $number, string $text, array $pictures): ReadLine
    {
        $start = strlen($text) - strlen(ltrim($text));
        $words = trim($text);
        $wanted = json_decode($words, true);
        [$prints, $why] = [[], null];
        try {
            $line = LineReader::read(JsonNode::root(is_array($wanted) ? $wanted : null));
            $missing = array_diff(array_filter($line->pictures()), $pictures);
            $why =
                $missing === []
                    ? null
                    : 'There is no '.
                        implode(', no ', array_unique($missing)).
                        ' in this order. Drop it on the pictures, and the line can be taken.';
            $prints = [new ReadPrint(['make' => $line->make] + $line->toArray(), null, $why === null, $why === null)];
        } catch (OrderFileError $e) {
            $why = is_array($wanted) ? $e->getMessage().'.' : 'This begins like a line of an order file, but isn’t JSON to its end.';
        }
        $read = new ReadLine($number, $text, [
            new ChartItem($prints === [] ? ItemKind::Unknown : ItemKind::Filed, $start, strlen($words), why: $why),
        ]);
        $read->prints = $prints;

        return $read;
    }
}
