<?php

declare(strict_types=1);

namespace Planisher\Parcel;

use Planisher\Description\LineSentence;
use Planisher\Finish\Finishes;
use Planisher\Finish\LeftToHands;
use Planisher\Lab\Price;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\Order\WorkedLine;
use Planisher\Plan\PlannedFile;

/** One file of a parcel: what it is, what the lab is to do with it, how often. */
final readonly class ParcelItem
{
    /**
     * @param  string  $name  of the file
     * @param  int  $line  its line's number
     * @param  Size  $sheet  what the lab prints on, bleed not counted, as it lists it where it does
     * @param  ?Price  $piece  what one of it costs, mount and options included; null where the card doesn't say
     * @param  int  $bytes  of the file
     * @param  int  $place  in its set, from 1
     * @param  int  $of  how many files its set has
     * @param  list<string>  $byHand  what is left to be done to it by hand, a sentence each
     * @param  ?string  $remark  for the lab
     */
    private function __construct(
        public string $name,
        public int $line,
        public WorkedLine $worked,
        public PlannedFile $file,
        public Size $sheet,
        public ?Price $piece,
        public int $bytes,
        public string $sha256,
        public int $place,
        public int $of,
        public array $byHand,
        public ?string $remark,
    ) {}

    /**
     * @param  WorkedLine  $worked  the line as it was made, with what is wanted of the lab as it is now
     * @param  string  $planned  the name the file has in its plan
     * @param  ?string  $called  what it is called in the parcel, where that is another
     *
     * @throws \InvalidArgumentException where its line makes no such file
     */
    public static function of(
        WorkedLine $worked,
        int $number,
        string $planned,
        int $bytes,
        string $sha256,
        ?string $remark,
        ?string $called = null,
    ): self {
        $files = $worked->plan->files ?? [];
        $place = array_search($planned, array_column($files, 'name'), true);
        if ($place === false || $worked->plan === null) {
            throw new \InvalidArgumentException("Line {$number} makes no file “{$planned}”.");
        }
        $file = $files[$place];
        $piece = Piece::of($worked, $file);
        $said = Finishes::of($worked->line)->wording();

        return new self(
            $called ?? $planned,
            $number,
            $worked,
            $file,
            $piece->sheet,
            $piece->cost,
            $bytes,
            $sha256,
            (int) $place + 1,
            count($files),
            $said instanceof LeftToHands ? $said->byHand($worked->at) : [],
            $remark,
        );
    }

    /** What it is, in a few words: “Breakwater light, cropped to 8 × 10 in” */
    public function title(): string
    {
        return LineSentence::short($this->worked->at);
    }

    /** What it costs as often as it is wanted. */
    public function price(): ?Price
    {
        return $this->piece?->times($this->worked->line->copies);
    }

    /** @return array<string, mixed> as in the manifest */
    public function toArray(): array
    {
        $line = $this->worked->line;
        $in = fn (int $pixels, Unit $unit): float => round($this->file->resolution->lengthOf($pixels) / $unit->nanometres(), 4);

        return array_filter(
            [
                'name' => $this->name,
                'line' => $this->line,
                'subject' => $this->title(),
                'copies' => $line->copies,
                'made' => $line->make,
                'set' => $this->of === 1 ? null : ['place' => $this->place, 'of' => $this->of],
                'product' => $line->printedOn(),
                // A product of its own is on paper only where somebody says so.
                'paper' => $line->paper ?? ($line->printedOn() === null ? $this->worked->lab->paper(null)?->name : null),
                'mount' => $line->mount,
                'options' => $line->options ?: null,
                'ordered' => $line->crop === null ? null : (string) $line->crop->size,
                'sheet' => (string) $this->sheet,
                'bleed' => $this->worked->lab->bleed === null ? null : (string) $this->worked->lab->bleed,
                'inches' => ['width' => $in($this->file->width, Unit::Inch), 'height' => $in($this->file->height, Unit::Inch)],
                'centimetres' => [
                    'width' => $in($this->file->width, Unit::Centimetre),
                    'height' => $in($this->file->height, Unit::Centimetre),
                ],
                'pixels' => ['width' => $this->file->width, 'height' => $this->file->height],
                'ppi' => round($this->file->resolution->ppi(), 4),
                'format' => $this->file->encoding->format->value,
                'bits' => $this->file->encoding->bits,
                'profile' => $this->file->encoding->profileDescription(),
                'bytes' => $this->bytes,
                'sha256' => $this->sha256,
                'byHand' => $this->byHand ?: null,
                'remark' => $this->remark,
                'price' => $this->piece === null ? null : $this->piece->hundredths / 100,
            ],
            fn (mixed $value): bool => $value !== null,
        );
    }
}
