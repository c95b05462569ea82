<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

use Planisher\Measure\Unit;

/** What a lab says it needs, its page as plain text: what could be read for its card, and what could not. Nothing is kept by it. */
final readonly class RequirementsPage
{
    /** Of papers and products there are many; of everything else the first that is said counts. */
    private const MANY = ['papers', 'products', 'prices'];

    /** Letters; the rest of a longer text isn't read */
    public const LONGEST = 60_000;

    /**
     * @param  list<Understood>  $understood  in the order of the page
     * @param  list<string>  $rest  statements that were not understood, and those that say otherwise than one before them
     */
    private function __construct(public array $understood, public array $rest) {}

    /** @param  Unit  $bare  of figures that have none */
    public static function read(string $text, Unit $bare = Unit::Inch): self
    {
        [$understood, $rest, $held] = [[], [], []];
        foreach (Statements::in(mb_substr($text, 0, self::LONGEST)) as $statement) {
            $said = [];
            foreach (self::rules() as $rule) {
                $said = [...$said, ...$rule->read($statement, $bare)];
            }
            $isNew = false;
            foreach ($said as $field => $texts) {
                foreach ((array) $texts as $value) {
                    $isMany = in_array($field, self::MANY, true);
                    if (! $isMany && isset($held[$field])) {
                        $isNew = $isNew || $held[$field] === $value;

                        continue;
                    }
                    $held[$field] = $value;
                    $understood[] = new Understood($field, $value, $statement->text);
                    $isNew = true;
                }
            }
            if (! $isNew && ! Noise::is($statement, $said !== [])) {
                $rest[] = $statement->text;
            }
        }

        return new self([...$understood, ...self::sizesPriced($understood)], $rest);
    }

    /**
     * A lab that has a price for a size prints it, where it doesn't list its sizes otherwise.
     *
     * @param  list<Understood>  $understood
     * @return list<Understood>
     */
    private static function sizesPriced(array $understood): array
    {
        $prices = array_values(array_filter($understood, fn (Understood $one): bool => $one->field === 'prices'));
        if ($prices === [] || in_array('sizes', array_column($understood, 'field'), true)) {
            return [];
        }
        $sizes = array_unique(array_map(fn (Understood $one): string => explode('  ', $one->text)[0], $prices));

        return [new Understood('sizes', implode(', ', $sizes), $prices[0]->words)];
    }

    /** @return list<RequirementRule> */
    private static function rules(): array
    {
        return [
            new CalledRule(),
            new SizesRule(),
            new PricesRule(),
            new ResolutionRule(),
            new ColourRule(),
            new FormatRule(),
            new FileRule(),
            new PieceRule(),
            new BleedRule(),
            new CanvasRule(),
            new PapersRule(),
        ];
    }
}
