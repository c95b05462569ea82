<?php

declare(strict_types=1);

namespace Planisher\House;

use Planisher\Finish\Choice;
use Planisher\Finish\CombinesPrints;
use Planisher\Finish\Finish;
use Planisher\Finish\Finishes;
use Planisher\Finish\LinePictures;
use Planisher\Finish\LineReader;
use Planisher\Finish\MadeToMeasure;
use Planisher\Lab\LabCard;
use Planisher\Line\LineChange;
use Planisher\Line\LineSpec;
use Planisher\OrderFile\JsonNode;

/**
 * A named set of choices, kept for use again: some places of a line, and what they are set to. A place without a value is set
 * back to its default.
 */
final readonly class HouseFinishSpec
{
    /** A line needs a size to be read; a finish that leaves it out is read with this one. */
    private const ANY_SIZE = '8 x 10 in';

    /**
     * @param  list<Choice>  $choices
     * @param  array<string, mixed>  $wanted  of the order file's line
     */
    private function __construct(public array $choices, private array $wanted) {}

    /**
     * What a line has chosen, of these choices.
     *
     * @param  list<Choice>  $choices
     */
    public static function from(LineSpec $line, array $choices): self
    {
        $all = LinePictures::withoutThem($line->toArray());
        $wanted = [];
        foreach (self::places($choices) as $place) {
            $value = self::at($all, $place);
            if ($value !== null) {
                $wanted = self::put($wanted, $place, $value);
            }
        }

        return new self($choices, $wanted);
    }

    /**
     * @param  array{choices: list<string>, wanted: array<string, mixed>}  $stored  as toArray gave it
     *
     * @throws \Planisher\OrderFile\OrderFileError
     */
    public static function fromArray(array $stored): self
    {
        $choices = array_map(
            fn (JsonNode $node): Choice => Choices::named($node->string()) ?? throw $node->unexpected('a choice'),
            JsonNode::root($stored)->need('choices')->items(1),
        );

        return self::from(self::read($stored['wanted']), $choices);
    }

    /** @return array{choices: list<string>, wanted: array<string, mixed>} */
    public function toArray(): array
    {
        return ['choices' => array_map(fn (Choice $choice): string => $choice->name, $this->choices), 'wanted' => $this->wanted];
    }

    /** @param  list<Choice>  $choices  of its own */
    public function only(array $choices): self
    {
        return self::from(self::read($this->wanted), $choices);
    }

    /** Whether it settles something that has places of its own for several pictures. */
    public function hasPlaces(): bool
    {
        return Finishes::of(self::read($this->wanted)) instanceof CombinesPrints;
    }

    /** How many pictures it has places for. */
    public function pictures(): int
    {
        return count(self::read($this->wanted)->pictures());
    }

    /** @return array<string, string> each choice in words */
    public function words(): array
    {
        $line = self::read($this->wanted);

        return array_combine(
            array_map(fn (Choice $choice): string => $choice->name, $this->choices),
            array_map(fn (Choice $choice): string => $choice->words($line), $this->choices),
        );
    }

    /**
     * What giving it to a line of this lab, made into a finish of this name, changes, and what the
     * lab doesn't have, or means nothing for what the line is made into, and is therefore left as it is, in words.
     *
     * @return array{LineChange, list<string>}
     */
    public function give(LabCard $lab, string $to): array
    {
        $line = self::read($this->wanted);
        $settlesMake = array_filter($this->choices, fn (Choice $choice): bool => in_array('make', $choice->keys, true)) !== [];
        $finish = Finishes::named($settlesMake ? $line->make : $to) ?? throw new \LogicException("There is no finish “{$to}”.");
        $change = [];
        $left = [];
        foreach ($this->choices as $choice) {
            $lacking = $this->lacking($choice, $line, $lab, $finish);
            if ($lacking !== null) {
                $left[] = $lacking;

                continue;
            }
            foreach ($choice->keys as $place) {
                $change = self::put($change, $place, self::at($this->wanted, $place));
            }
        }

        return [LineChange::of($change), $left];
    }

    /** Why a choice isn't given: what the lab doesn't have, or that it means nothing there. */
    private function lacking(Choice $choice, LineSpec $line, LabCard $lab, Finish $finish): ?string
    {
        if ($choice->finish !== null && $choice->finish !== $finish->name()) {
            return "{$choice->words($line)} (means nothing for a {$finish->label(1)})";
        }
        $mustBeListed = $choice->name === 'size' && ! ($finish instanceof MadeToMeasure) && $line->crop !== null;
        if ($mustBeListed && $lab->means($line->crop->size) === null) {
            return "the size {$choice->words($line)}";
        }

        return $choice->lacks($line, $lab);
    }

    /** @param  array<string, mixed>  $wanted */
    private static function read(array $wanted): LineSpec
    {
        return LineReader::read(JsonNode::root($wanted + ['size' => self::ANY_SIZE]));
    }

    /**
     * @param  list<Choice>  $choices
     * @return list<string>
     */
    private static function places(array $choices): array
    {
        return array_merge(...array_map(fn (Choice $choice): array => $choice->keys, $choices));
    }

    /** @param  array<string, mixed>  $in */
    private static function at(array $in, string $place): mixed
    {
        [$key, $deeper] = explode('.', $place) + [1 => null];

        return $deeper === null ? $in[$key] ?? null : $in[$key][$deeper] ?? null;
    }

    /**
     * @param  array<string, mixed>  $in
     * @return array<string, mixed>
     */
    private static function put(array $in, string $place, mixed $value): array
    {
        [$key, $deeper] = explode('.', $place) + [1 => null];

        return $deeper === null ? [...$in, $key => $value] : [...$in, $key => [...$in[$key] ?? [], $deeper => $value]];
    }
}
