<?php

declare(strict_types=1);

namespace Planisher\Parcel;

use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/** What a lab says of a parcel, as docs/lab-protocol.md has it. */
final readonly class LabAnswer
{
    /**
     * @param  string  $parcel  the lab's own name for it
     * @param  string  $state  open, checking, or a state that a parcel has afterwards
     * @param  array<string, list<string>>  $reasons  why it doesn't print files, by their checksum
     * @param  array<string, array{x: int, y: int, width: int, height: int}>  $crops  what of files will be on the paper, in their pixels
     * @param  ?string  $reason  why all of it is back
     */
    private function __construct(
        public string $parcel,
        public string $state,
        public array $reasons,
        public array $crops,
        public ?string $reason,
        public ?string $receipt,
        public ?string $seal,
    ) {}

    /**
     * @param  string  $key  of the parcel that was asked after
     *
     * @throws AnswerRefused
     */
    public static function read(string $json, string $key): self
    {
        try {
            $node = JsonNode::root(json_decode($json, true, 64, JSON_THROW_ON_ERROR));
            $named = $node->need('parcel');
            if ($named->need('key')->string() !== $key) {
                throw AnswerRefused::otherParcel();
            }
            [$reasons, $crops] = [[], []];
            foreach ($node->maybe('files')?->items() ?? [] as $file) {
                $sum = $file->need('sha256')->string(64);
                $reasons[$sum] = array_map(fn (JsonNode $n): string => $n->string(400), $file->maybe('reasons')?->items(0, 20) ?? []);
                $crop = $file->maybe('crop');
                if ($crop !== null) {
                    $side = fn (string $of): int => $crop->need($of)->int(-1_000_000, 1_000_000);
                    $crops[$sum] = ['x' => $side('x'), 'y' => $side('y'), 'width' => $side('width'), 'height' => $side('height')];
                }
            }

            return new self(
                $named->need('id')->string(60),
                $node->need('state')->string(20),
                array_filter($reasons),
                $crops,
                $node->maybe('reason')?->string(1000),
                $node->maybe('receipt')?->string(20_000),
                $node->maybe('seal')?->string(128),
            );
        } catch (OrderFileError|\JsonException $e) {
            throw AnswerRefused::unreadable($e);
        }
    }

    /** What has become of the parcel; null while the lab hasn't said. */
    public function state(): ?ParcelState
    {
        return match ($this->state) {
            'received' => ParcelState::Received,
            'printing' => ParcelState::Printing,
            'dispatched' => ParcelState::Dispatched,
            'refused', 'back' => ParcelState::Back,
            default => null,
        };
    }

    /**
     * How what the lab will print of a file differs from all of it, in words; null where it agrees to a pixel.
     *
     * @param  int  $width  of the file, in pixels
     */
    public function difference(string $sha256, int $width, int $height): ?string
    {
        $crop = $this->crops[$sha256] ?? null;
        if ($crop === null) {
            return null;
        }
        $cut = [
            'left' => $crop['x'],
            'right' => $width - $crop['x'] - $crop['width'],
            'above' => $crop['y'],
            'below' => $height - $crop['y'] - $crop['height'],
        ];
        $said = [];
        foreach ($cut as $side => $pixels) {
            if (abs($pixels) > 1) {
                $said[] = abs($pixels).' px '.$side;
            }
        }

        return $said === [] ? null : 'The lab would cut '.implode(', ', $said).' off.';
    }
}
