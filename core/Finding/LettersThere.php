<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\LineChange;
use Planisher\Phrase\WordRow;
use Planisher\Plan\LineContext;
use Planisher\Words\Lettering;
use Planisher\Words\SetBlock;
use Planisher\Words\Style;

/** Whether the faces have the letters and the styles that are asked of them. */
final class LettersThere implements Check
{
    /** More letters than this aren't told one by one. */
    private const FEW = 5;

    public function judge(LineContext $at): ?Finding
    {
        $blocks = $at->plan?->added->words() ?? [];
        $missing = self::all(array_map(fn (SetBlock $block): array => $block->missing, $blocks));
        if ($missing !== []) {
            return Finding::stops(
                'letters-missing',
                count($missing) === 1 ? 'A letter can’t be set' : count($missing).' letters can’t be set',
                'No face has '.self::named($missing).'. Write it another way.',
                self::without($at, $missing),
            );
        }
        $lettering = $at->line->additions->lettering;
        foreach ($blocks as $block) {
            if ($block->lacking !== []) {
                return Finding::look(
                    'letters-other-face',
                    "Set in {$block->face->value} instead",
                    'The face asked for has no '.
                        self::named($block->lacking).
                        ", so that all of the text is set in {$block->face->value}.",
                    self::inThere($at),
                );
            }
        }
        foreach ($at->plan->added->lettering ?? [] as $i => $block) {
            $wanted = $lettering[$i]->style;
            if ($block->style !== $wanted) {
                return Finding::look(
                    'style-missing',
                    "{$block->face->value} has no {$wanted->label()}",
                    "“{$lettering[$i]->start()}” is set ".
                        ($block->style === Style::Regular ? 'without it' : $block->style->label()).
                        ': letters aren’t made up. Choose another face for it.',
                );
            }
        }

        return null;
    }

    /**
     * Every text without letters that can't be set, and without a text of which nothing would be left.
     *
     * @param  list<string>  $letters
     */
    private static function without(LineContext $at, array $letters): Remedy
    {
        $cleaned = fn (array $of): array => isset($of['text']) ? ['text' => trim(str_replace($letters, '', $of['text']))] + $of : $of;
        $hasWords = fn (mixed $of): bool => ! is_array($of) || ! isset($of['text']) || $of['text'] !== '';
        $lettering = array_map(fn (Lettering $one): array => $cleaned($one->toArray()), $at->line->additions->lettering);
        $caption = $at->line->additions->caption?->toArray();
        $parts = array_map(fn (mixed $part): mixed => is_array($part) ? $cleaned($part) : $part, $caption['parts'] ?? []);

        return new Remedy(
            count($letters) === 1 ? 'Leave it out' : 'Leave them out',
            LineChange::of([
                ...$lettering === [] ? [] : ['lettering' => array_values(array_filter($lettering, $hasWords))],
                ...$parts === [] ? [] : ['caption' => ['parts' => array_values(array_filter($parts, $hasWords))]],
            ]),
        );
    }

    /** Every text in the face that it is set in. */
    private static function inThere(LineContext $at): Remedy
    {
        $added = $at->plan->added ?? throw new \LogicException('It was set.');
        $lettering = [];
        foreach ($at->line->additions->lettering as $i => $block) {
            $lettering[] = [...$block->toArray(), 'face' => $added->lettering[$i]->face->value];
        }

        return new Remedy(
            'Choose it for good',
            LineChange::of([
                ...$lettering === [] ? [] : ['lettering' => $lettering],
                ...$added->caption === null ? [] : ['caption' => ['face' => $added->caption->face->value]],
            ]),
        );
    }

    /**
     * @param  list<list<string>>  $letters
     * @return list<string>
     */
    private static function all(array $letters): array
    {
        return array_values(array_unique(array_merge(...$letters)));
    }

    /**
     * “😀” (GRINNING FACE, U+1F600)
     *
     * @param  list<string>  $letters
     */
    private static function named(array $letters): string
    {
        $named = array_map(
            fn (string $letter): string => "“{$letter}” (".
                (\IntlChar::charName($letter) ?: 'a letter without a name').
                sprintf(', U+%04X)', mb_ord($letter)),
            array_slice($letters, 0, self::FEW),
        );
        $more = count($letters) - self::FEW;

        return WordRow::list($more > 0 ? [...$named, "{$more} more"] : $named);
    }
}
