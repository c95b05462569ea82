<?php

declare(strict_types=1);

namespace Tests\core\Reading;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Finish\LineReader;
use Planisher\OrderFile\JsonNode;
use Planisher\Reading\ReadList;
use Planisher\Reading\ReadPrint;

/**
 * The lists of lists.txt, written otherwise by hands that mean the same: other signs between words, bullets, no commas, slips of the pen,
 * a greeting, a remark in between. No print is taken without asking that isn't one of those that were meant, whatever the hand. What
 * hands do is common practice of how people write, no source.
 */
final class WrittenOtherwiseTest extends TestCase
{
    private const SIZE = '/(?<![\d.\/])(\d{1,2}) ?[x×] ?(\d{1,2})(?![\d.]|\/\d)/u';

    /** @return iterable<string, array{\Closure(string): string}> */
    public static function hands(): iterable
    {
        $said = fn (string $find, string $by): \Closure => fn (string $text): string => (string) preg_replace($find, $by, $text);

        yield 'sizes with by' => [$said(self::SIZE, '$1 by $2')];
        yield 'sizes with room' => [$said(self::SIZE, '$1 x $2')];
        yield 'sizes with a star' => [$said(self::SIZE, '$1*$2')];
        yield 'capitals' => [mb_strtoupper(...)];
        yield 'small letters' => [mb_strtolower(...)];
        yield 'semicolons' => [$said('/,/', ';')];
        yield 'no commas' => [$said('/,(?!\d)/', '')];
        yield 'three dots' => [$said('/[.,](?=\s|$)/m', '...')];
        yield 'exclamations' => [$said('/\.(?=\s|$)/m', '!!')];
        yield 'ampersands' => [$said('/ and /', ' & ')];
        yield 'bullets' => [$said('/^(?=[^\s>])/m', '- ')];
        yield 'no colons' => [$said('/(?<!Subject):(?!\d)/', '')];
        yield 'blank lines' => [$said('/\n/', "\n\n")];
        yield 'no blank lines' => [$said('/\n+/', "\n")];
        yield 'counts in brackets' => [$said('/(?<=\s)x ?([2-9])\b(?! ?x)/', '($1)')];
        yield 'counts as quantities' => [$said('/(?<=\s)x ?([2-9])\b(?! ?x)/', 'qty $1')];
        yield 'polite' => [$said('/(?<=\w)$/m', ' please')];
        yield 'faces' => [$said('/(?<=\w)$/m', ' :)')];
        yield 'greeted' => [fn (string $text): string => "Good morning!\n\nIt was lovely to see you on the 14th.\n\n{$text}"];
        yield 'closed' => [fn (string $text): string => "{$text}\n\nNo rush.\n\nMany thanks\nJo Tolland\n14 Mill Lane\n07700 900123"];
        yield 'talked in between' => [fn (string $text): string => (string) preg_replace('/\n(?=\S)/', "\nMy top 3:\n", $text, 1)];
        yield 'a reason in brackets' => [$said('/(?<=\w)$/m', ' (he loves it)')];
        yield 'letters turned round' => [self::turned(...)];
        yield 'letters left out' => [fn (string $text): string => self::slipped($text, '')];
        yield 'letters twice' => [fn (string $text): string => self::slipped($text, '$0$0')];
    }

    /** @param  \Closure(string): string  $hand */
    #[DataProvider('hands')]
    public function test_nothing_else_is_taken_without_asking(\Closure $hand): void
    {
        $written = 0;
        foreach (self::lists() as $name => [$text, $meant]) {
            $other = $hand($text);
            $written += $other === $text ? 0 : 1;
            $taken = self::taken($other);
            $none = array_values(array_udiff($taken, $meant, self::compared(...)));
            self::assertSame([], $none, "{$name}, taken and not meant, of:\n{$other}");
        }
        self::assertGreaterThan(0, $written);
    }

    /** @return iterable<string, array{string, list<string>}> what is written, and prints that may come of it */
    private static function lists(): iterable
    {
        foreach (preg_split('/^== /m', (string) file_get_contents(__DIR__.'/lists.txt'), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $case) {
            [$name, $rest] = explode("\n", $case, 2);
            [$text] = explode("\n--\n", $rest, 2);
            yield $name => [$text, array_map(self::put(...), ReadList::read($text, Given::known(), Given::PICTURES)->prints())];
        }
    }

    /** @return list<string> prints that are sure */
    private static function taken(string $text): array
    {
        $taken = [];
        foreach (ReadList::read($text, Given::known(), Given::PICTURES)->lines as $line) {
            foreach ($line->isSure() ? $line->prints : [] as $print) {
                $print->isSure && $print->isWhole && ($taken[] = self::put($print));
            }
        }

        return $taken;
    }

    private static function put(ReadPrint $print): string
    {
        $isWhole = isset($print->wanted['size']) || ($print->wanted['make'] ?? '') === 'screen-copy';
        $wanted = array_filter($print->wanted, fn (mixed $value): bool => $value !== null) + ($isWhole ? [] : ['size' => '1 x 1 in']);
        $line = LineReader::read(JsonNode::root($wanted))->toArray();
        unset($line['remark']);

        return (string) json_encode($line, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** Texts in capitals or with other signs are the same texts. */
    private static function compared(string $one, string $other): int
    {
        $plain = fn (string $line): string => mb_strtolower((string) preg_replace('/[\s.,;:&!()]|and|please/iu', '', $line));

        return $plain($one) <=> $plain($other);
    }

    /** Two letters in the middle of every fourth long word the other way round. */
    private static function turned(string $text): string
    {
        $n = 0;

        return (string) preg_replace_callback(
            '/\b([a-z]{2})([a-z])([a-z])([a-z]+)\b/',
            function (array $of) use (&$n): string {
                return $n++ % 4 === 0 ? $of[1].$of[3].$of[2].$of[4] : $of[0];
            },
            $text,
        );
    }

    /** The third letter of every fourth long word. */
    private static function slipped(string $text, string $by): string
    {
        $n = 0;

        return (string) preg_replace_callback(
            '/\b([a-z]{2})([a-z])([a-z]{2,})\b/',
            function (array $of) use (&$n, $by): string {
                return $n++ % 4 === 0 ? $of[1].strtr($by, ['$0' => $of[2]]).$of[3] : $of[0];
            },
            $text,
        );
    }
}
