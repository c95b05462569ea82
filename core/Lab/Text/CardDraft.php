<?php

declare(strict_types=1);

namespace Planisher\Lab\Text;

use Planisher\Lab\LabCard;
use Planisher\Lab\Product;
use Planisher\Measure\Unit;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\MergePatch;
use Planisher\OrderFile\OrderFileError;

/** A lab card as somebody is filling it in: what could be read of it, and what could not. */
final readonly class CardDraft
{
    /**
     * @param  array<string, mixed>  $card  as in the order file, with all that could be read
     * @param  array<string, string>  $errors  by field; a product's as `products.0`
     * @param  array<string, string>  $told  what was read, by field, where it isn't plain to see
     */
    private function __construct(public array $card, public array $errors, public array $told) {}

    /**
     * @param  array<string, mixed>  $card  as in the order file: what it is now
     * @param  array<string, string>  $texts  by CardField
     * @param  ?list<array<string, string>>  $products  each by ProductText::FIELDS; null to leave them
     * @param  ?list<array<string, mixed>>  $papers  as in the order file; null to leave them
     */
    public static function read(array $card, array $texts, ?array $products, ?array $papers, Unit $bare): self
    {
        [$errors, $told, $read] = [[], [], []];
        foreach (CardField::cases() as $field) {
            $text = $texts[$field->value] ?? null;
            if ($text === null) {
                continue;
            }
            try {
                $card = MergePatch::apply($card, self::patch($field, $field->read($text, $bare)));
                $told[$field->value] = $field->told($text, $bare);
            } catch (CardError $e) {
                $errors[$field->value] = $e->getMessage();
            }
        }
        if ($papers !== null) {
            $card['papers'] = $papers;
        }
        foreach ($products ?? [] as $i => $typed) {
            try {
                $read[] = ProductText::read($typed, $bare);
            } catch (CardError $e) {
                $errors["products.{$i}"] = $e->getMessage();
            }
        }
        if ($products !== null) {
            $card['products'] = $read;
        }
        if ($errors === []) {
            try {
                $card = LabCard::fromNode(JsonNode::root(array_filter($card, fn (mixed $value): bool => $value !== [])))->toArray();
            } catch (OrderFileError $e) {
                $errors[explode('[', $e->path)[0]] = $e->plain ?? $e->getMessage();
            }
        }

        return new self($card, $errors, array_filter($told));
    }

    /** The same, with something against one of its fields. */
    public function refusing(string $field, string $why): self
    {
        return new self($this->card, [$field => $why] + $this->errors, $this->told);
    }

    /**
     * What a card's fields are as text.
     *
     * @return array{texts: array<string, string>, products: list<ProductTextsShape>}
     */
    public static function texts(LabCard $card): array
    {
        $texts = [];
        foreach (CardField::cases() as $field) {
            $texts[$field->value] = $field->write($card);
        }

        return ['texts' => $texts, 'products' => array_map(fn (Product $product): array => ProductText::write($product), $card->products)];
    }

    /** @return array<string, mixed> a merge patch of the card: null takes away what isn't said any more */
    private static function patch(CardField $field, mixed $value): array
    {
        [$key, $under] = explode('.', $field->value) + [1 => null];

        return [$key => $under === null ? $value : [$under => $value]];
    }
}
