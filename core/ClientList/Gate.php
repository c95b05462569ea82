<?php

declare(strict_types=1);

namespace Planisher\ClientList;

use Planisher\Finish\Finishes;
use Planisher\Wish\Offer;

/**
 * The last gate: what was read and looks sure is held against what the words can be. It reads nothing itself and mends nothing; it
 * asks. A number with a unit is no count, a size after “image” is not the print's, and a message that takes something back is looked
 * at whole.
 */
final class Gate
{
    /** Behind a number: it is a length, a share, a quality, a price, a day, and no count of prints. */
    private const NO_COUNT_BEFORE =
        '/^\s*-?\s*(?:%|‰|percent\b|per cent\b|in(?:ch(?:es)?)?\b(?!\s+\S*\d)|[″"”]|cms?\b|mm\b|m\b|f(?:oo|ee)?t\b|'.
        'px\b|pixels?\b|pts?\b|points?\b|[pd]pi\b|bits?\b|[kmg]b\b|gsm\b|g\/m|[£$€]|euros?\b|pounds?\b|dollars?\b|'.
        '(?:st|nd|rd|th)\b|[ap]m\b|o[’\']?clock|years?\b|months?\b|weeks?\b|days?\b|hours?\b|minutes?\b|tiers?\b|people\b)/iu';

    /** Before a number: so it is one of these, and no count of prints. */
    private const NO_COUNT_AFTER =
        '/(?:jpe?g|quality|q|tiff?|png|bit|[pd]pi|[£$€]|no\.?|nr\.?|number|#|page|line|item|room|flat|suite|phone|'.
        'tel\.?|mobile|fax|aged?|edition of|tier|version|v|iso|f\/|at|by)\s*[:=]?\s*$/iu';

    /** Before a size: so it is that of the image, a frame or a sheet for several, and no print's by itself. */
    private const NO_PRINT_AFTER =
        '/(?:\b(?:image|picture area|print(?:ed)? area|crop|window|opening|aperture|mount|mat|matt?e? board|frames?|'.
        'behind)(?: (?:of|is|size|at|to|in))*|\bon (?:one|a single|the same|each))\s*$/iu';

    private const TAKES_BACK =
        '/\b(?:scrap|cancel(?:led)?|forget (?:it|that|the)|instead|rather than|swap|replaces?|correction|edit(?: \d)?:|'.
        'sorry|actually|i meant?|change (?:it|that|them|my|the|those)|no longer|not (?:now|yet|after all)|deleted|'.
        '(?:do not|don[’\']?t|dont) (?:print|make|need|want|bother)|decided against|used to be|'.
        'on second thoughts?|hold (?:off|on)|ignore)\b|\b(?:was|now) \d+\s*[x×]/iu';

    private const ASKS =
        '/\b(?:quote|how much|how long|what would|what do|only asking|just asking|wondering|would it|unless|otherwise|'.
        '(?:could|can) you tell|if (?:it|there|possible|that)|last (?:time|year|month)|we had|i had|you did)\b/iu';

    /** What a message may say of more than its line, and that isn't done by itself. */
    private const REFERS = '/\bsame (?:paper|border|finish|size|as)\b|^\s*[-=_~]{3,}\s*$|\|{2,}|^\s*[✘✗❌☒✕]/miu';

    /** What a message may say, and what is told of that. */
    private const SAYS = [
        self::TAKES_BACK => 'This seems to take something back. Look at what it speaks of.',
        self::ASKS => 'This seems to ask, or to speak of something else than this order.',
        self::REFERS => 'This may be said of other lines. Look at what it speaks of.',
    ];

    /** Said of what lies round a picture, whatever it is made into. */
    private const ROUND_IT = '/\b(?:edges?|sides?|bars?|mirror\w*|deep|depth|soft\w*)\b/iu';

    /** Copies beyond which a print is asked for once more: of large ones, of any. */
    private const MOST_LARGE = 30;

    private const MOST = 200;

    /** The longer side of a large print, in nanometres: 10 in */
    private const LARGE = 254_000_000;

    /**
     * Of one line's words: which numbers can be what they were read as.
     *
     * @param  list<Token>  $tokens
     */
    public static function numbers(array $tokens, string $line): void
    {
        $isTiff = array_filter($tokens, fn (Token $of): bool => ($of->change['output']['format'] ?? null) === 'tiff') !== [];
        $isSeveral = array_filter($tokens, fn (Token $of): bool => $of->kind === Kind::Count && ($of->count ?? 0) > 1) !== [];
        foreach ($tokens as $token) {
            [$before, $after] = [substr($line, 0, $token->at), substr($line, $token->end())];
            $words = trim(substr($line, $token->at, $token->length));
            if ($token->kind === Kind::Count && self::isNoCount($words, $before, $after)) {
                $prints = "{$token->count} prints";
                $token->doubt("Are that {$prints}?", [new Offer($prints, $prints)]);
            } elseif ($token->kind === Kind::Size && preg_match(self::NO_PRINT_AFTER, $before) === 1) {
                $token->doubt('Is that the size of the print, or of what lies on or round it?');
            } elseif ($isTiff && isset($token->change['output']['quality'])) {
                $token->doubt('A TIFF has no quality: it loses nothing. Is it to be a JPEG?');
            } elseif ($isSeveral && $token->kind === Kind::Wish && ($token->change['carrier'] ?? 'none') !== 'none') {
                $token->doubt('Each on a sheet of its own, or together on one?');
            }
        }
    }

    /**
     * Of a list: what takes back, asks or refers to something else is told, and has all of it looked at.
     *
     * @param  list<ReadLine>  $lines
     */
    public static function message(array $lines): void
    {
        $isLookedAt = false;
        foreach ($lines as $line) {
            self::madeInto($line, null);
            foreach (self::SAYS as $pattern => $why) {
                if (preg_match($pattern, $line->text, $said, PREG_OFFSET_CAPTURE) === 1) {
                    self::tell($line, $why, $said[0][1]);
                    $isLookedAt = true;
                }
            }
            self::silent($line);
            self::manyCopies($line);
        }
        if ($isLookedAt) {
            array_map(self::lookedAt(...), $lines);
        }
    }

    /**
     * Of a wish: where nothing came of words, they are told.
     *
     * @param  ?string  $made  what the line is made into that it is said of, where that is one thing
     */
    public static function wish(ReadLine $line, bool $isNothing, ?string $made): void
    {
        $made === null || self::madeInto($line, $made);
        $isNothing && ! $line->isBlank() && self::tell($line, 'Nothing of this was understood.');
        preg_match(self::TAKES_BACK, $line->text) === 1 && self::tell($line, 'This seems to take something back. Say what it is to be.');
        $isAway = preg_match('/^(?!.*\b(?:nothing|not|cut off)\b).*\b(?:off|none|away)\W*$/ius', $line->text) === 1;
        $isAway && self::tell($line, 'Is it to be taken away? Say “without” or “no”.');
        $isEach = preg_match('/\b(?:each|both|every)\b/iu', $line->text) === 1;
        foreach ($isEach ? $line->tokens : [] as $token) {
            $token->kind === Kind::Count && $token->doubt('So many of each print on it, or of all of it?');
        }
        $isMore = preg_match('/\b(?:more|extra|another|further|fewer|less)\b|\bmake (?:it|that|them) \w+\W*$/iu', $line->text) === 1;
        foreach ($isMore ? $line->tokens : [] as $token) {
            $token->kind === Kind::Count &&
                $token->doubt("{$token->count} in all, or so many more?", [new Offer("{$token->count} in all", "{$token->count} prints")]);
        }
    }

    private static function isNoCount(string $words, string $before, string $after): bool
    {
        $isBare = preg_match('/^[\pL\pN]+$/u', $words) === 1 && preg_match('/^(?:x|×)?\d+(?:x|×)$/iu', $words) !== 1;

        return preg_match('/^\s*(?:%|″|"|cm\b|mm\b)/u', $after) === 1 ||
            ($isBare && (preg_match(self::NO_COUNT_BEFORE, $after) === 1 || preg_match(self::NO_COUNT_AFTER, $before) === 1));
    }

    /** “White edges” may be a border's: that something is made into another thing has to be said. */
    private static function madeInto(ReadLine $line, ?string $made): void
    {
        foreach ($line->tokens as $token) {
            $make = $token->change['make'] ?? $made;
            if ($make === $made || $make === null || preg_match('/'.strtok($make, '-').'/iu', $line->text) === 1) {
                continue;
            }
            if ($made !== null || preg_match(self::ROUND_IT, substr($line->text, $token->at, $token->length)) === 1) {
                $what = Finishes::named($make)?->label(1) ?? $make;
                $token->doubt("Is it to become something else ({$what})? Nothing else says so.");
            }
        }
    }

    /** Sizes of which no print came; “the rest” with what was named before it; a count in brackets that isn't every picture's. */
    private static function silent(ReadLine $line): void
    {
        $count = fn (Kind $kind): int => count(array_filter($line->tokens, fn (Token $of): bool => $of->kind === $kind));
        $isDropped = $line->prints === [] && $count(Kind::Size) > 1;
        $isRestOfIts = $count(Kind::Rest) > 0 && $count(Kind::Pictures) > 0;
        $inBrackets = (int) preg_match_all('/\(\s*x?\s*\d+\s*x?\s*\)/iu', $line->text);
        $slides = $inBrackets > 0 && $inBrackets < $count(Kind::Pictures);
        // “All in 4x6, and 402 also in 8x10”: an all that is no more than what is named besides.
        $named = array_merge(...array_map(fn (Token $of): array => $of->pictures, $line->tokens), ...[[]]);
        $printed = array_map(fn (ReadPrint $print): mixed => $print->wanted['picture'] ?? null, $line->prints);
        $isAllOfFew = $count(Kind::All) > 0 && $named !== [] && $count(Kind::Size) > 1 && array_diff($printed, $named) === [];
        if ($isDropped || $isRestOfIts || $slides || $isAllOfFew) {
            self::tell($line, 'Which of them is meant by what?');
            self::lookedAt($line);
        }
    }

    private static function manyCopies(ReadLine $line): void
    {
        foreach ($line->items as $item) {
            $many = $item->count->count ?? 1;
            $size = $item->size?->size;
            $side = $size === null ? 0 : max($size->width->nanometres, $size->height->nanometres);
            if ($many > self::MOST || ($many > self::MOST_LARGE && $side >= self::LARGE)) {
                $item->count?->doubt("{$many} prints are far more than is usual. Are they meant?");
            }
        }
    }

    private static function lookedAt(ReadLine $line): void
    {
        $line->prints = array_map(
            fn (ReadPrint $print): ReadPrint => new ReadPrint($print->wanted, $print->remark, false, $print->isWhole),
            $line->prints,
        );
    }

    /**
     * Says so at the words that say it; by itself at the first that says something, where nothing is told of the line yet.
     *
     * @param  ?int  $at  in bytes from the line's start
     */
    private static function tell(ReadLine $line, string $why, ?int $at = null): void
    {
        $words = array_filter($line->tokens, fn (Token $of): bool => $of->length > 0);
        $there = array_filter($words, fn (Token $of): bool => $at !== null && $of->end() > $at);
        $isTold = array_filter($line->tokens, fn (Token $of): bool => $of->why !== null) !== [];
        $says = array_filter($words, fn (Token $of): bool => ! in_array($of->kind, [Kind::Stop, Kind::End], true));
        $first = array_values($there ?: ($isTold ? [] : $says))[0] ?? null;
        $first?->doubt($why);
    }
}
