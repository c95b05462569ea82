<?php

declare(strict_types=1);

namespace Planisher\Colour;

/**
 * What the fixed header of an ICC profile says of itself (ICC.1:2010, 7.2), read from its bytes.
 * A profile is usable for a picture when its class, its channels and its declared size agree with what it is embedded in.
 */
final readonly class ProfileHeader
{
    private const CLASSES = ['mntr' => 'display', 'scnr' => 'input', 'prtr' => 'output', 'spac' => 'colour space'];

    private const CHANNELS = ['RGB ' => Channels::Rgb, 'GRAY' => Channels::Grey, 'CMYK' => Channels::Cmyk];

    /**
     * @param  ?string  $flaw  why it can't be used, in plain words; null when it can
     * @param  bool  $isPerceptualOnly  it has a table for the perceptual intent and nothing that serves the others
     */
    private function __construct(public ?string $flaw, public ?string $description, public bool $isPerceptualOnly = false) {}

    /** @param  string  $bytes the whole profile */
    public static function read(string $bytes, Channels $channels): self
    {
        if (strlen($bytes) < 132 || substr($bytes, 36, 4) !== 'acsp') {
            return new self('it is not an ICC profile', null);
        }
        $declared = self::number($bytes, 0);
        if ($declared > strlen($bytes)) {
            return new self('it is cut off at '.strlen($bytes)." of {$declared} bytes", null);
        }
        if (! isset(self::CLASSES[substr($bytes, 12, 4)])) {
            return new self('it is of class “'.trim(substr($bytes, 12, 4)).'”, which describes no device', self::describe($bytes));
        }
        $its = self::CHANNELS[substr($bytes, 16, 4)] ?? null;
        if ($its !== $channels) {
            return new self(
                'it is for '.($its === null ? 'other' : $its->value).' channels and the picture is '.$channels->value,
                self::describe($bytes),
            );
        }

        return match (true) {
            self::serves($bytes, 1) => new self(null, self::describe($bytes)),
            self::serves($bytes, 0) => new self(null, self::describe($bytes), isPerceptualOnly: true),
            default => new self(
                'it holds neither a table nor a matrix that says what its colours are; it may be damaged',
                self::describe($bytes),
            ),
        };
    }

    /**
     * Whether colours can be read through a profile with an intent (0 perceptual, 1 relative, 2 saturation, 3 absolute):
     * by a table for it, or by a matrix or a grey curve, which serve all (ICC.1:2010, 8.2 to 8.5).
     */
    public static function serves(string $bytes, int $intent): bool
    {
        $tags = self::tags($bytes);
        $table = $intent === 3 ? 1 : $intent;
        $needs = match (substr($bytes, 16, 4)) {
            'RGB ' => ['rXYZ', 'gXYZ', 'bXYZ', 'rTRC', 'gTRC', 'bTRC'],
            'GRAY' => ['kTRC'],
            default => ['no matrix'],
        };

        return isset($tags["A2B{$table}"]) || isset($tags["D2B{$intent}"]) || array_diff($needs, array_keys($tags)) === [];
    }

    /** @return array<string, int> where its tags begin, by signature */
    private static function tags(string $bytes): array
    {
        $tags = [];
        for ($i = 0; $i < min(100, self::number($bytes, 128)); $i++) {
            $tags[substr($bytes, 132 + 12 * $i, 4)] = self::number($bytes, 136 + 12 * $i);
        }

        return $tags;
    }

    /** The profile's own English description: tag desc as textDescriptionType (v2) or multiLocalizedUnicodeType (v4). */
    private static function describe(string $bytes): ?string
    {
        $count = min(100, self::number($bytes, 128));
        for ($i = 0; $i < $count; $i++) {
            $entry = 132 + 12 * $i;
            if (substr($bytes, $entry, 4) !== 'desc') {
                continue;
            }
            $tag = substr($bytes, self::number($bytes, $entry + 4), self::number($bytes, $entry + 8));
            $text = match (substr($tag, 0, 4)) {
                'desc' => substr($tag, 12, max(0, self::number($tag, 8) - 1)),
                'mluc' => self::localized($tag),
                default => '',
            };
            $text = trim((string) preg_replace('/[^\x20-\x7e\xa0-\x{ffff}]/u', '', mb_scrub($text)));

            return $text === '' ? null : mb_substr($text, 0, 100);
        }

        return null;
    }

    private static function localized(string $tag): string
    {
        $first = null;
        for ($i = 0; $i < min(100, self::number($tag, 8)); $i++) {
            $at = 16 + 12 * $i;
            $record = fn (): string => mb_convert_encoding(
                substr($tag, self::number($tag, $at + 8), self::number($tag, $at + 4)),
                'UTF-8',
                'UTF-16BE',
            );
            if (substr($tag, $at, 2) === 'en') {
                return $record();
            }
            $first ??= $record();
        }

        return $first ?? '';
    }

    private static function number(string $bytes, int $at): int
    {
        $word = substr($bytes, $at, 4);

        return strlen($word) === 4 ? (int) ((array) unpack('N', $word))[1] : 0;
    }
}
