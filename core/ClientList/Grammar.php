<?php

declare(strict_types=1);

namespace Planisher\ClientList;

use Planisher\Finish\Finish;
use Planisher\Finish\Finishes;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\Wish\Heard;
use Planisher\Wish\Known;
use Planisher\Wish\NumberWords;
use Planisher\Wish\Offer;
use Planisher\Wish\Phrase;
use Planisher\Wish\Unsure;
use Planisher\Wish\Wording;

/**
 * The one grammar of wishes: what the words of one line are. It is the same for a client's list, the line that is typed at the end
 * of an order sheet, and what is typed under a sentence.
 */
final class Grammar
{
    /** What is asked for and isn't done here. */
    private const NOT_OURS =
        '(?:in |as |make (?:it|them) |turn(?:ed)? (?:it|them)? ?(?:in)?to )?(?:black[- ](?:and|&|n)[- ]white|b ?(?:&|and|'.
        '\/|\+) ?w|monochrome|grey ?scale|gray ?scale|sepia(?: toned?)?)'.
        '|(?:re-?touch(?:ed|ing)?|photo-?shop(?:ped)?|air-?brush(?:ed)?)(?: [^,;.\n]{1,40})?'.
        '|(?:remove|erase|take out|get rid of|edit out|clone out|paint out) [^,;.\n]{1,60}'.
        '|(?:brighter|bright(?:en(?:ed)?)|less dark|more (?:colou?rful|saturated|vivid)|saturat(?:e|ed|ion)|warmer|cooler|'.
        'colou?r[- ]correct(?:ed|ion)?|filter(?:s|ed)?)(?: [^,;.\n]{0,20})?'.
        '|(?<!be )(?:ready )?framed(?: (?:in|with) [^,;.\n]{1,40})?|with (?:a |the )?(?:[a-z]+ )?frame|(?:photo '.
        ')?(?:mugs?|calendars?|albums?|magnets?|books?|puzzles?|cushions?|posters? tube)';

    /** @var list<Phrase> */
    private readonly array $phrases;

    /** @var list<Phrase> */
    private readonly array $texts;

    private readonly SizeWords $sizes;

    /** @var array<string, list<Token>> what was read before, by the shape of its words: the lines of a list are much alike */
    private array $shapes = [];

    public function __construct(private readonly Known $known, private readonly PictureWords $pictures, ?Unit $unitOfAll = null)
    {
        $this->sizes = new SizeWords($known->lab, $unitOfAll ?? $known->unit, $unitOfAll !== null);
        $this->texts = LinePhrases::texts();
        $this->phrases = [
            ...LinePhrases::ofLab($known),
            ...LinePhrases::all(),
            ...array_merge(...array_map(fn (Finish $finish): array => $finish->phrases(), array_values(self::finishes()))),
        ];
    }

    /**
     * The words of a line, in their order.
     *
     * @return list<Token>
     */
    public function tokens(string $line): array
    {
        $words = new Wording($line);
        $tokens = [];
        $this->quoted($words, $tokens);
        $tokens = [...$tokens, ...$this->pictures->whole($words)];
        $shape = $words->shape();
        $places = $words->places();
        foreach ($this->shapes[$shape] ??= $this->ofShape(Wording::ofShape($shape)) as $token) {
            $tokens[] = $token->at($places[$token->at], $places[$token->end()] - $places[$token->at]);
        }
        usort($tokens, fn (Token $a, Token $b): int => $a->at <=> $b->at);

        $tokens = self::joined(self::excepting($tokens), $line);
        Gate::numbers($tokens, $line);

        return $tokens;
    }

    /**
     * What is said of the things that were named, whatever they are.
     *
     * @return list<Token>
     */
    private function ofShape(Wording $words): array
    {
        $tokens = [];
        $words->take('/(?<![\pL\pN])(?:'.self::NOT_OURS.')(?![\pL\pN])/iu', function (array $m, int $at, int $length) use (
            &$tokens,
        ): bool {
            $tokens[] = new Token(Kind::Unknown, $at, $length, why: 'That isn’t done here. It stays as a remark on the line.');

            return true;
        });
        foreach ($this->phrases as $phrase) {
            $this->wish($phrase, $words, $tokens);
        }
        $this->alternatives($words, $tokens);
        $tokens = [...$tokens, ...$this->sizes->take($words)];
        $this->counts($words, $tokens);
        $tokens = [...$tokens, ...$this->pictures->numbered($words)];
        $this->bareCounts($words, $tokens);
        $this->scopes($words, $tokens);
        $tokens = [...$tokens, ...$this->pictures->parts($words)];
        foreach ($words->left('/[\pL\pN’\'&+#]+(?:[-\/][\pL\pN’\']+)*|[^\s\pL\pN]/u') as [$word, $at]) {
            $tokens[] = $this->other($word, $at);
        }

        return $tokens;
    }

    /**
     * Names and words in quotation marks come first: whatever stands in them is theirs.
     *
     * @param  list<Token>  $tokens
     */
    private function quoted(Wording $words, array &$tokens): void
    {
        foreach ($this->texts as $phrase) {
            $this->wish($phrase, $words, $tokens);
        }
    }

    /** @param  list<Token>  $tokens */
    private function wish(Phrase $phrase, Wording $words, array &$tokens): void
    {
        if (preg_match($phrase->hint, $words->text) !== 1) {
            return;
        }
        $words->take($phrase->pattern, function (array $said, int $at, int $length) use ($phrase, &$tokens): bool {
            $change = ($phrase->means)(new Heard($said, $this->known->unit), $this->known);
            if ($change === null) {
                return false;
            }
            $tokens[] =
                $change instanceof Unsure
                    ? new Token(Kind::Wish, $at, $length, change: $change->change, why: $change->why, offers: $change->offers)
                    : new Token(Kind::Wish, $at, $length, change: $change);

            return true;
        });
    }

    /**
     * “8x10 or 11x14, you choose”: the first, and a question.
     *
     * @param  list<Token>  $tokens
     */
    private function alternatives(Wording $words, array &$tokens): void
    {
        if (! $words->has('/(?<!\pL)or(?!\pL)|(?<=\d)\s?\/\s?(?=\d+\s?x)/iu')) {
            return;
        }
        $side = '\d+(?:[.,]\d+)?\s*(?:in|cm|mm|"|″)?';
        $size = "(?:{$side}\\s*(?:x|×|by)\\s*{$side}|[AB][0-8])";
        $words->take(
            "/(?<![\\pL\\pN])(?:either )?({$size}) (?:or|\\/)(?: (?:an?|perhaps|maybe|even))? ({$size})(?:,? (?:you ".
                '(?:choose|decide|pick)|whichever[^,;.\\n]{0,40}|your choice|up to you|as you (?:like|think best)))?(?![\\pL\\pN])/iu',
            function (array $m, int $at, int $length) use (&$tokens): bool {
                $read = fn (string $typed): ?Size => ($this->sizes->take(new Wording(trim($typed)))[0] ?? null)?->size;
                [$one, $other] = [$read($m[1]), $read($m[2])];
                if ($one === null || $other === null) {
                    return false;
                }
                $tokens[] = new Token(
                    Kind::Size,
                    $at,
                    $length,
                    size: $one,
                    why: 'One of two sizes: which?',
                    offers: [new Offer($one->label(), (string) $one), new Offer($other->label(), (string) $other)],
                );

                return true;
            },
        );
    }

    /** @param  list<Token>  $tokens */
    private function counts(Wording $words, array &$tokens): void
    {
        $count = NumberWords::whole();
        $ways = [
            "(?:qty|quantity|copies|prints|number of prints)\\s*[:=]\\s*(?<n>{$count})",
            "(?<n>{$count})\\s*(?:(?:x|×|\\*)(?![\\pL\\pN])|(?:x|×)(?=\\s))",
            '(?<![\\d.,])(?:x|×)\\s*(?<n>\\d{1,4})',
            "(?<n>{$count}) (?:copies|copy|prints?|pieces?|pcs|pc|off|times|sets?|sheets?)(?: (?:of|each))?",
            "(?<n>{$count}) of (?<all>each)(?: one)?(?! of)",
            "(?<n>{$count})(?: of)? each(?: of)?",
            "(?<n>{$count}) (?:of|off)(?! (?:the )?(?:first|last))",
            '(?<n>(?:a |half a |two |three )?(?:dozen|pair|couple))(?: of)?',
        ];
        foreach ($ways as $way) {
            $words->take("/(?<![\\pL\\pN.,\\/-])(?:{$way})(?![\\pL\\pN\\/])/iu", function (array $m, int $at, int $length) use (
                &$tokens,
            ): bool {
                $n = NumberWords::count($m['n']);
                if ($n === null) {
                    return false;
                }
                $isEach = preg_match('/\beach\b/i', $m[0]) === 1;
                $isLoose = preg_match('/couple/i', $m['n']) === 1;
                $why = match (true) {
                    $n === 0 => 'None of it? A line of 0 prints can’t be made.',
                    $isLoose => '“A couple” was read as 2.',
                    default => null,
                };
                $tokens[] = new Token(
                    Kind::Count,
                    $at,
                    $length,
                    count: $n,
                    why: $why,
                    offers: $isLoose ? [new Offer('2', '2 of'), new Offer('3', '3 of')] : [],
                );
                if ($isEach) {
                    $tokens[] = new Token(($m['all'] ?? '') === '' ? Kind::Each : Kind::All, $at + $length, 0);
                }

                return true;
            });
        }
    }

    /** @param  list<Token>  $tokens */
    private function bareCounts(Wording $words, array &$tokens): void
    {
        $count = NumberWords::whole();
        $words->take("/(?<![\\pL\\pN.,\\/-])(?<n>{$count})(?![\\pL\\pN\\/%]|".'[.,]\\d|-)/iu', function (
            array $m,
            int $at,
            int $length,
        ) use (&$tokens): bool {
            $n = NumberWords::count($m['n']);
            if ($n === null || mb_strtolower($m['n']) === 'both') {
                return false;
            }
            $tokens[] = new Token(
                Kind::Count,
                $at,
                $length,
                count: $n,
                why: $n === 0 ? 'None of it? A line of 0 prints can’t be made.' : null,
            );

            return true;
        });
    }

    /** @param  list<Token>  $tokens */
    private function scopes(Wording $words, array &$tokens): void
    {
        $ways = [
            [
                Kind::Except,
                '(?:except(?: for)?|but not|apart from|other than|without|instead of|rather than|in place of|not)(?= '.
                '(?:the |picture |number |no\. ?)*[\pL\pN\x1f])(?= ?(?:the |picture |number )*\x1f)',
            ],
            [
                Kind::Rest,
                '(?:all )?(?:the )?(?:rest|others|other ones|remaining(?: (?:ones|pictures|photos))?|remainder)(?: of '.
                '(?:them|the (?:pictures|photos|set|lot)))?',
            ],
            [Kind::Same, '(?:of )?(?:the |that )?same(?: (?:one|ones|picture|pictures|photo|image|shot|again))*'],
            [
                Kind::All,
                '(?:all|every|everything|each|both)(?: (?:of (?:them|these|those|it)|(?:the )?(?:pictures?|photos?|'.
                'images?|prints?|shots?|ones?|lot)|them|these|those|one))*',
            ],
        ];
        foreach ($ways as [$kind, $way]) {
            $words->take("/(?<![\\pL\\pN])(?:{$way})(?![\\pL\\pN])/iu", function (array $m, int $at, int $length) use (
                $kind,
                &$tokens,
            ): bool {
                $isEach = preg_match('/^each$/i', $m[0]) === 1;
                $tokens[] = new Token($isEach ? Kind::Each : $kind, $at, $length);

                return true;
            });
        }
    }

    private function other(string $word, int $at): Token
    {
        $plain = mb_strtolower($word);

        return match (true) {
            in_array($word, ['.', '!', '?'], true) => new Token(Kind::End, $at, 1),
            preg_match('/^[,;:&+•·|–—\/()-]$/u', $word) === 1, in_array($plain, ['and', 'plus', 'also', 'then', 'but'], true) => new Token(
                Kind::Stop,
                $at,
                strlen($word),
            ),
            preg_match('/^[^\pL\pN?]$/u', $word) === 1, Polite::isWord($plain) => new Token(Kind::Polite, $at, strlen($word)),
            default => new Token(Kind::Unknown, $at, strlen($word), why: 'Not understood.', offers: $this->guesses($word)),
        };
    }

    /** @return list<Offer> */
    private function guesses(string $word): array
    {
        $pictures = $this->pictures->like($word);

        return $pictures !== [] ? $pictures : Spelling::like($word);
    }

    /**
     * “Not the oars” leaves a picture out; “not 8x10” isn't understood.
     *
     * @param  list<Token>  $tokens
     * @return list<Token>
     */
    private static function excepting(array $tokens): array
    {
        foreach ($tokens as $i => $token) {
            if ($token->kind !== Kind::Except) {
                continue;
            }
            $next = array_values(array_filter(array_slice($tokens, $i + 1), fn (Token $of): bool => $of->kind !== Kind::Polite))[0] ?? null;
            if ($next?->kind !== Kind::Pictures) {
                $tokens[$i] = new Token(Kind::Unknown, $token->at, $token->length, why: 'Not understood.');
            }
        }

        return $tokens;
    }

    /**
     * Words not understood that follow each other are one thing not understood.
     *
     * @param  list<Token>  $tokens
     * @return list<Token>
     */
    private static function joined(array $tokens, string $line): array
    {
        $joined = [];
        $polite = [];
        foreach ($tokens as $token) {
            $last = $joined[count($joined) - 1] ?? null;
            if ($token->kind === Kind::Polite && $last?->kind === Kind::Unknown) {
                $polite[] = $token;

                continue;
            }
            if ($token->kind === Kind::Unknown && $last?->kind === Kind::Unknown && $token->why === $last->why) {
                array_pop($joined);
                $token = new Token(Kind::Unknown, $last->at, $token->end() - $last->at, why: $token->why, offers: []);
                $polite = [];
            }
            $joined = [...$joined, ...$polite, $token];
            $polite = [];
        }

        return [...$joined, ...$polite];
    }

    /** @return array<string, Finish> those whose words are the most particular first */
    private static function finishes(): array
    {
        $all = Finishes::all();

        return array_diff_key($all, [Finishes::USUAL => true]) + $all;
    }
}
