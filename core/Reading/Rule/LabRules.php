<?php

declare(strict_types=1);

namespace Planisher\Reading\Rule;

use Planisher\Colour\Surface;
use Planisher\Finish\Finishes;
use Planisher\Lab\Paper;
use Planisher\Lab\Product;
use Planisher\Language\Known;
use Planisher\Language\Offer;
use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Says;
use Planisher\Language\Unsure;

/** What a lab calls its papers, products, mounts and options is understood by these names, and a paper by its surface. */
final class LabRules
{
    /** Papers that are offered instead of one that the lab doesn't have */
    private const MOST_OFFERED = 3;

    /** @return list<ReadingRule> */
    public static function of(Known $known): array
    {
        return [...self::named($known), ...self::surfaces()];
    }

    /** The surface that words name, or null. */
    public static function surface(string $words): ?Surface
    {
        return match (1) {
            preg_match('/\b(?:glossy?|shiny|gl(?:ä|ae)nzend|glanz|brilli?ant|brillo|brillante|glance)\b/iu', $words) => Surface::Glossy,
            preg_match('/\b(?:matte?s?|mat|mate)\b|\bmatt/iu', $words) => Surface::Matte,
            preg_match('/\b(?:lust(?:re|er)|semi|satin|seidenmatt|satiné|pearl)/iu', $words) => Surface::Lustre,
            default => null,
        };
    }

    /** @return list<ReadingRule> */
    private static function named(Known $known): array
    {
        $rules = [];
        foreach ($known->lab->papers as $paper) {
            $words = self::plain($paper->name);
            $first = explode(' ', $words);
            $short = count($first) > 1 && strlen($first[0]) > 4 ? " | (on|the|heavy|thick) [heavy|thick|nice] {$first[0]} [PAPER]" : '';
            $rules[] = ReadingRule::of(
                "[printed] [on|in] [heavy|thick] {$words} [photo] [PAPER|one] [please]{$short}",
                ['paper' => $paper->name],
                [],
                cost: -0.1,
            );
        }
        foreach ($known->lab->products as $product) {
            $words = self::plain($product->name);
            // What is a finish of its own is said by its own rules.
            if (Finishes::named($product->name) === null && $product->name !== 'paper') {
                $more = in_array($product->name, ['aluminium', 'aluminum'], true) ? '|aluminum|alu' : '';
                $rules[] = ReadingRule::of(
                    "[printed|mounted] [on|as|onto] [a] [panel of] ({$words}{$more}) [print|prints|panel|panels]",
                    ['product' => $product->name],
                    [],
                );
            }
        }
        foreach (self::extras($known->lab->products) as [$key, $name]) {
            $words = self::plain($name);
            $parts = explode(' ', $words);
            $turned = count($parts) === 2 ? " | {$parts[1]} {$parts[0]}" : '';
            if ($key === 'mount') {
                $rules[] = ReadingRule::of(
                    "[with] (mounted|mount) [on] [a] ({$words}{$turned}) | ".
                        "({$words}{$turned}) (mount|mounts|mounted) | ({$words}{$turned})",
                    ['mount' => $name],
                    [],
                );
            } else {
                $rules[] = ReadingRule::with(
                    "NO ({$words}{$turned})",
                    fn (Heard $said): array => [
                        'options' => array_values(array_diff((array) ($said->now('options') ?? []), [$name])) ?: null,
                    ],
                    [],
                    cost: -0.2,
                );
                $rules[] = ReadingRule::with(
                    "[with] [a|the] ({$words}{$turned}) [as well]",
                    fn (Heard $said): array => [
                        'options' => array_values(array_unique([...(array) ($said->now('options') ?? []), $name])),
                    ],
                    [],
                );
            }
        }

        foreach ($known->lab->papers as $paper) {
            if ($paper->profile !== null) {
                $words = self::plain($paper->profile);
                $rules[] = ReadingRule::of(
                    "[profile|in|into|convert~ to] {$words}",
                    ['output' => ['colour' => $paper->profile]],
                    [],
                    cost: -0.2,
                );
            }
        }

        return $rules;
    }

    /** @return list<ReadingRule> */
    private static function surfaces(): array
    {
        $words =
            'gloss|glossy|shiny|glance|brilliant|MATT|lustre|luster|semi [-] gloss|satin|pearl|glänzend'.
            '|glaenzend|brillant|brillo|brillante|seidenmatt|mate|satiné';

        return [
            ReadingRule::with(
                "[printed] [on|in] [a] [deep] ({$words}) [photo] [PAPER|kind|one|finish|surface] [please]",
                self::paper(...),
                ['matte', 'on glossy paper', 'lustre, please'],
            ),
            ReadingRule::with(
                "OPEN {count} [of (it|them|these)] [on|in] ({$words}) CLOSE | {count} of (them|these) [on|in] ({$words})",
                fn (Heard $said): ?Unsure => match (true) {
                    $said->isSaidOfLine() => null,
                    is_array($paper = self::paper($said)) => new Unsure($paper, 'All of them on that paper, or so many?'),
                    default => $paper,
                },
                ['(one matte)', '2 of them on lustre'],
                cost: 0.3,
            ),
            ReadingRule::with("(papier|papel|papier photo|auf) ({$words}) [papier|papel]", self::paper(...), 'papel brillo'),
            ReadingRule::with("(PAPER) ({$words}|mat)", self::paper(...), 'paper matte', cost: 0.1),
            ReadingRule::with('[on] mat (PAPER)', self::paper(...), 'mat paper'),
            ReadingRule::with(
                '(not|nicht|non) [the] (gloss|glossy|shiny|mat|MATT|lustre) [kind|one|paper] [please]',
                self::otherThan(...),
                'not glossy',
                cost: 0.3,
            ),
            ReadingRule::with(
                '[is possible|for me is better|on] [the] [PAPER] without [the] shine [,] [all]',
                fn (Heard $said): array|Unsure => self::ofSurface(Surface::Matte, $said->known),
                'without shine',
            ),
            ReadingRule::with(
                '(gloss|glossy) MATT',
                fn (): Unsure => new Unsure([], 'Glossy or matte?', [new Offer('glossy', 'glossy'), new Offer('matte', 'matte')]),
                'gloss matte',
                cost: -0.3,
            ),
        ];
    }

    /** @return array<string, mixed>|Unsure */
    private static function paper(Heard $said): array|Unsure
    {
        $words = $said->words();
        foreach ($said->known->lab->papers as $paper) {
            if (preg_match('/\b'.preg_quote($paper->name, '/').'\b/iu', $words) === 1) {
                return ['paper' => $paper->name];
            }
        }
        $surface = self::surface($words);

        return $surface === null ? new Unsure([], 'Which paper is that?') : self::ofSurface($surface, $said->known);
    }

    /**
     * @param  list<Paper>  $papers
     * @return list<Offer>
     */
    private static function offered(array $papers): array
    {
        return array_map(fn (Paper $paper): Offer => new Offer($paper->name, "on {$paper->name}"), $papers);
    }

    /**
     * “Not glossy”: what is printed on is as it was where it isn't glossy; else it has to be said on what.
     *
     * @return array<string, mixed>|Unsure
     */
    private static function otherThan(Heard $said): array|Unsure
    {
        $surface = match (true) {
            preg_match('/glos|shin/i', $said->words()) === 1 => Surface::Glossy,
            preg_match('/lust/i', $said->words()) === 1 => Surface::Lustre,
            default => Surface::Matte,
        };
        $now = $said->now('paper');
        $change = [Says::NOT_PAPER => $surface->value];
        if ($said->known->lab->paper(is_string($now) ? $now : null)?->surface !== $surface) {
            return $change;
        }
        $others = array_values(array_filter($said->known->lab->papers, fn (Paper $paper): bool => $paper->surface !== $surface));

        return new Unsure($change, 'What is it to be printed on instead?', self::offered(array_slice($others, 0, self::MOST_OFFERED)));
    }

    /** @return array<string, mixed>|Unsure the lab's paper of a surface */
    private static function ofSurface(Surface $surface, Known $known): array|Unsure
    {
        $papers = array_values(array_filter($known->lab->papers, fn (Paper $paper): bool => $paper->surface === $surface));

        return match (true) {
            count($papers) === 1 => ['paper' => $papers[0]->name],
            $papers === [] => new Unsure(
                [],
                "{$known->lab->name} lists no {$surface->value} paper.",
                self::offered(array_slice(array_values($known->lab->papers), 0, self::MOST_OFFERED)),
            ),
            default => new Unsure(
                ['paper' => $papers[0]->name],
                "{$known->lab->name} has several {$surface->value} papers.",
                self::offered($papers),
            ),
        };
    }

    /**
     * @param  list<Product>  $products
     * @return list<array{string, string}> key and name, each once
     */
    private static function extras(array $products): array
    {
        $found = [];
        foreach ($products as $product) {
            foreach ($product->mounts as $mount) {
                $found["mount {$mount->name}"] = ['mount', $mount->name];
            }
            foreach ($product->options as $option) {
                $found["options {$option->name}"] = ['options', $option->name];
            }
        }

        return array_values($found);
    }

    /** A name in the words of the notation. */
    public static function plain(string $name): string
    {
        preg_match_all('/\p{L}[\p{L}\p{M}\']*|\p{Nd}+|[^\s\p{L}\p{Nd}\[\]{}()|~]/u', mb_strtolower($name), $found);

        return implode(' ', $found[0]) ?: 'nameless';
    }
}
