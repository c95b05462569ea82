<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\Lab;
use Planisher\Order\OrderSpec;
use Planisher\OrderFile\JsonText;
use Planisher\OrderFile\OrderFileError;

/** A lab card as a file of its own: `{"planisher": 1, "lab": {…}}`. A whole order file is taken, too, for the lab in it. */
final class CardFile
{
    public static function write(Lab $lab): string
    {
        return json_encode(
            ['planisher' => OrderSpec::VERSION, 'lab' => $lab->labCard()->toArray()],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /**
     * @return LabCardForm the card, as core writes it
     *
     * @throws OrderFileError in words for somebody who chose the wrong file, too
     */
    public static function read(string $text): array
    {
        try {
            $decoded = JsonText::decode($text);
        } catch (OrderFileError $e) {
            throw new OrderFileError('file', $e->found, $e->expected, "It is broken or cut off at {$e->path}: found {$e->found}.");
        }
        $isCard = is_array($decoded) && is_int($decoded['planisher'] ?? null) && is_array($decoded['lab'] ?? null);
        $why = $isCard ? OrderSpec::newer($decoded) : 'It is no lab card of Planisher’s: those have "planisher" and "lab" in them.';
        if ($why !== null) {
            throw new OrderFileError('file', 'something else', 'a lab card', $why);
        }
        try {
            return CardStore::typed($decoded['lab']);
        } catch (OrderFileError $e) {
            throw new OrderFileError(
                'file',
                $e->found,
                $e->expected,
                "Its {$e->path} can’t be: found {$e->found}; expected {$e->expected}.",
            );
        }
    }
}
