<?php

declare(strict_types=1);

namespace Planisher\Lab\Text;

use Planisher\Colour\Space;
use Planisher\Lab\EdgeDelivery;
use Planisher\Lab\FileFormat;
use Planisher\Lab\LabCard;
use Planisher\Measure\EdgeDepth;
use Planisher\Measure\Figure;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;

/** What of a lab card is filled in as text: how each field is read, written, named, and what it is for. */
enum CardField: string
{
    case Name = 'name';
    case Sizes = 'sizes';
    case LargestPiece = 'largestPiece';
    case Bleed = 'bleed';
    case Prices = 'prices';
    case Currency = 'currency';
    case Depth = 'canvas.depth';
    case Spare = 'canvas.spare';
    case EdgesApart = 'canvas.edgesApart';
    case Colour = 'colour';
    case TakesPaperProfiles = 'takesPaperProfiles';
    case Ppi = 'ppi';
    case MinimumPpi = 'minimumPpi';
    case Formats = 'formats';
    case Quality = 'quality';
    case Bits = 'bits';
    case MaxBytes = 'maxBytes';
    case NameLength = 'nameLength';

    private const YES = ['yes', 'no'];

    /** The longest name a lab has. */
    private const NAME = 60;

    public function label(): string
    {
        return match ($this) {
            self::Name => 'Name',
            self::Sizes => 'Sizes',
            self::LargestPiece => 'Largest piece',
            self::Bleed => 'Bleed',
            self::Prices => 'Prices',
            self::Currency => 'Currency',
            self::Depth => 'Depth of its bars',
            self::Spare => 'Spare beyond them',
            self::EdgesApart => 'Face and edges',
            self::Colour => 'Colour space',
            self::TakesPaperProfiles => 'Files in a paper’s own profile',
            self::Ppi => 'Pixels per inch',
            self::MinimumPpi => 'At least',
            self::Formats => 'Kinds of file',
            self::Quality => 'JPEG quality',
            self::Bits => 'Bits in a TIFF',
            self::MaxBytes => 'Largest file',
            self::NameLength => 'Longest name',
        };
    }

    /** What it is for, in a few words. */
    public function purpose(): string
    {
        return match ($this) {
            self::Name => 'As it stands on orders.',
            self::Sizes => 'What it prints, in any writing: 8x10, 8 by 12, 20×30 cm, A4. A line of another size is laid on a larger sheet.',
            self::LargestPiece => 'Canvas and panels are held against it.',
            self::Bleed => 'Picture it wants beyond every edge, to trim away.',
            self::Prices => 'A size and its price on each line; on one paper: 8 × 10 in on Lustre  2.80.',
            self::Currency => 'That the prices are in.',
            self::Depth => 'A canvas goes that far round the bar unless its line says otherwise.',
            self::Spare => 'What it wants beyond the depth, to hold on to.',
            self::EdgesApart => 'How it wants them, where a line asks for them apart.',
            self::Colour => 'Files are converted to it.',
            self::TakesPaperProfiles => 'Whether a line may be converted to the profile of its paper.',
            self::Ppi => 'Files are made at it.',
            self::MinimumPpi => 'A line with fewer asks for a look.',
            self::Formats => 'The first is made unless a line says otherwise.',
            self::Quality => '1 to 100.',
            self::Bits => 'Sixteen are kept where it takes them and a line asks.',
            self::MaxBytes => 'A larger file stops its line.',
            self::NameLength => 'File names are kept within it, ending included.',
        };
    }

    /** What it is where the lab doesn't say. */
    public function start(): string
    {
        return match ($this) {
            self::Name, self::Sizes, self::Prices => '',
            self::LargestPiece => 'no limit said',
            self::Bleed => 'none',
            self::Currency => LabCard::CURRENCY,
            self::Depth => '2 cm',
            self::Spare => '0 mm',
            self::EdgesApart => 'together',
            self::Colour => Space::Srgb->value,
            self::TakesPaperProfiles => 'no',
            self::Ppi => '300',
            self::MinimumPpi => '100',
            self::Formats => 'JPEG',
            self::Quality => '95',
            self::Bits => '8',
            self::MaxBytes => 'no limit said',
            self::NameLength => '40',
        };
    }

    /** @return list<string> what can be chosen, the start first; empty where it is typed */
    public function choices(): array
    {
        return match ($this) {
            self::EdgesApart => ['together', 'two files', 'two pages of a TIFF'],
            self::Colour => array_map(fn (Space $space): string => $space->value, Space::cases()),
            self::TakesPaperProfiles => array_reverse(self::YES),
            self::Formats => ['JPEG', 'TIFF', 'JPEG or TIFF', 'TIFF or JPEG'],
            self::Bits => ['8', '8 or 16'],
            default => [],
        };
    }

    /** What of the card it is, as text; empty where the card doesn't say. */
    public function write(LabCard $card): string
    {
        $said = match ($this) {
            self::Name => $card->name,
            self::Sizes => SizeList::write(...$card->sizes),
            self::LargestPiece => $card->largestPiece === null ? '' : SizeList::write($card->largestPiece),
            self::Bleed => (string) $card->bleed,
            self::Prices => PriceList::write($card->prices),
            self::Currency => $card->currency,
            self::Depth => (string) $card->canvas->depth,
            self::Spare => (string) $card->canvas->spare,
            self::EdgesApart => self::EdgesApart->choices()[
                match ($card->canvas->edgesApart) {
                    null => 0,
                    EdgeDelivery::Files => 1,
                    EdgeDelivery::Pages => 2,
                }
            ],
            self::Colour => $card->colour->value,
            self::TakesPaperProfiles => self::YES[$card->takesPaperProfiles ? 0 : 1],
            self::Ppi => (string) $card->resolution->typed(),
            self::MinimumPpi => Figure::decimal($card->minimumPpi, 2),
            self::Formats => implode(' or ', array_map(fn (FileFormat $format): string => $format->label(), $card->formats)),
            self::Quality => (string) $card->quality,
            self::Bits => implode(' or ', $card->bits),
            self::MaxBytes => $card->maxBytes === null ? '' : self::bytes($card->maxBytes),
            self::NameLength => (string) $card->nameLength,
        };

        return $said === $this->start() && ! in_array($this, [self::Name, self::Sizes], true) && $this->choices() === [] ? '' : $said;
    }

    /**
     * What a text says, as it stands in the order file; null for what it is where nothing is said.
     *
     * @throws CardError with what can be written instead
     */
    public function read(string $text, Unit $bare): mixed
    {
        $text = trim($text);
        if ($text === '' || $text === $this->start()) {
            return $this === self::Name || $this === self::Sizes ? throw CardError::needed($this->needed()) : null;
        }
        if ($this->choices() !== []) {
            return $this->chosen($text);
        }
        try {
            return match ($this) {
                self::Name => mb_strlen($text) <= self::NAME ? $text : throw CardError::nameTooLong(self::NAME),
                self::Sizes => self::sizes($text, $bare),
                self::LargestPiece => (string) Size::parse($text, $bare),
                self::Bleed => (string) Length::parse($text, $bare),
                self::Prices => PriceList::read($text, $bare) ?: null,
                self::Currency => mb_strlen($text) <= 8 ? $text : throw CardError::currencyTooLong($text),
                self::Depth, self::Spare => (string) EdgeDepth::parse($text, $bare),
                self::Ppi => self::number($text, 36, 1200),
                self::MinimumPpi => self::number($text, 1, 1200),
                self::Quality => (int) self::number($text, 1, 100),
                self::NameLength => (int) self::number($text, 16, 200),
                self::MaxBytes => self::size($text),
                default => throw new \LogicException('It is chosen.'),
            };
        } catch (MeasureError $e) {
            throw CardError::ofMeasure($e);
        }
    }

    /** What was read, said back where it isn't plain to see; null where it is. */
    public function told(string $text, Unit $bare): ?string
    {
        if ($this !== self::Sizes || trim($text) === '') {
            return null;
        }
        $list = SizeList::read($text, $bare);
        $labels = fn (Size ...$sizes): string => implode(', ', array_map(fn (Size $size): string => $size->label(), $sizes));
        $many = count($list->sizes) === 1 ? 'One size' : count($list->sizes).' sizes';

        return "{$many}: {$labels(...$list->sizes)}".
            ($list->twice === [] ? '' : '. There twice and kept once: '.$labels(...$list->twice)).
            '.';
    }

    private function needed(): string
    {
        return $this === self::Name
            ? 'Give the lab a name.'
            : 'Give the sizes it prints, such as 4x6, 8x10, A4. One is enough to begin with.';
    }

    /** @throws CardError */
    private function chosen(string $text): mixed
    {
        $at = array_search(mb_strtolower($text), array_map(mb_strtolower(...), $this->choices()), true);
        if ($at === false) {
            throw CardError::noneOf($text, $this->choices());
        }

        return match ($this) {
            self::EdgesApart => [null, EdgeDelivery::Files->value, EdgeDelivery::Pages->value][$at],
            self::TakesPaperProfiles => $at === 1,
            self::Formats => [['jpeg'], ['tiff'], ['jpeg', 'tiff'], ['tiff', 'jpeg']][$at],
            self::Bits => [[8], [8, 16]][$at],
            default => $this->choices()[$at],
        };
    }

    /**
     * @return list<string>
     *
     * @throws CardError
     */
    private static function sizes(string $text, Unit $bare): array
    {
        $list = SizeList::read($text, $bare);
        if ($list->rest !== []) {
            throw CardError::noSize($list->rest[0]);
        }

        return $list->sizes === [] ? throw CardError::needed(self::Sizes->needed()) : array_map(strval(...), $list->sizes);
    }

    /** @throws CardError */
    private static function number(string $text, int $least, int $most): int|float
    {
        $plain = str_replace(',', '.', (string) preg_replace('/\s*(?:ppi|dpi|%|characters|letters)$/iu', '', $text));
        if (! is_numeric($plain) || $plain < $least || $plain > $most) {
            throw CardError::outOfRange($text, $least, $most);
        }

        return $plain + 0;
    }

    /** @throws CardError */
    private static function size(string $text): int
    {
        if (preg_match('/^(\d+(?:[.,]\d+)?)\s*([kMG])(?:i?B|bytes?)?$/iu', $text, $m) !== 1) {
            throw CardError::noBytes($text);
        }
        $factor = ['k' => 1_000, 'm' => 1_000_000, 'g' => 1_000_000_000][strtolower($m[2])];
        $bytes = (int) round((float) str_replace(',', '.', $m[1]) * $factor);

        return $bytes >= 100_000 && $bytes <= 100_000_000_000 ? $bytes : throw CardError::bytesOutOfRange($text);
    }

    private static function bytes(int $bytes): string
    {
        return $bytes % 1_000_000_000 === 0 ? $bytes / 1_000_000_000 .' GB' : $bytes / 1_000_000 .' MB';
    }
}
