<?php

declare(strict_types=1);

namespace Planisher\Imaging\Intake;

use Planisher\Colour\TaggedColour;
use Planisher\Imaging\ReadBack\TiffDirectory;
use Planisher\Imaging\ReadBack\Unreadable;

/** A PNG's chunks (ISO/IEC 15948), those behind its pixels, too. */
final class PngHeader
{
    private const CHANNELS = [0 => 1, 2 => 3, 3 => 1, 4 => 2, 6 => 4];

    /** Deflate packs no more than this into one byte (RFC 1951: 258 bytes in two bits). */
    private const MOST_PACKED = 1032;

    private const MOST_CHUNKS = 100_000;

    public static function read(string $path): PackedHeader
    {
        $bytes = new Bytes($path);
        $head = $bytes->at(16, 13);
        if (strlen($head) < 13) {
            return new PackedHeader(isCutOff: true);
        }
        ['width' => $width, 'height' => $height, 'bits' => $bits, 'kind' => $kind, 'interlace' => $interlace] = (array) unpack(
            'Nwidth/Nheight/Cbits/Ckind/Cpacking/Cfilter/Cinterlace',
            $head,
        );
        $row = (int) ceil(($width * $bits * (self::CHANNELS[$kind] ?? 4)) / 8);
        $packed = $metadata = 0;
        [$gamma, $chromaticities, $orientation, $tells, $ended, $moves] = [null, null, null, false, false, false];
        for ([$at, $n] = [8, 0]; $n < self::MOST_CHUNKS && strlen($chunk = $bytes->at($at, 8)) === 8; $n++) {
            ['length' => $length, 'type' => $type] = (array) unpack('Nlength/a4type', $chunk);
            $packed += $type === 'IDAT' ? min($length, $bytes->size) : 0;
            $metadata += in_array($type, ['IDAT', 'IHDR', 'PLTE', 'IEND'], true) ? 0 : $length;
            match ($type) {
                'gAMA' => ($gamma = $length === 4 ? (int) (unpack('N', $bytes->at($at + 8, 4))[1] ?? 0) : null),
                'cHRM' => ($chromaticities =
                    $length === 32 ? array_values((array) unpack('N8', str_pad($bytes->at($at + 8, 32), 32, "\0"))) : null),
                'sRGB', 'iCCP', 'cICP' => ($tells = true), // they come before the others
                'acTL' => ($moves = true), // PNG, third edition, 11.3.4.1
                'eXIf' => ($orientation = self::orientation($bytes, $at + 8, $length)),
                default => null,
            };
            $at += 12 + $length;
            if ($type === 'IEND') {
                $ended = true;
                break;
            }
        }
        $isThere = $packed * self::MOST_PACKED >= $row * $height && ($ended || $packed > 0);

        return new PackedHeader(
            held: $interlace === 1 ? $row * $height : 0,
            work: $row * $height,
            metadata: $metadata,
            isCutOff: ! $isThere,
            orientation: $orientation,
            tagged: $tells || ($gamma === null && $chromaticities === null) ? null : TaggedColour::ofPng($gamma, $chromaticities),
            isAnimated: $moves,
        );
    }

    private static function orientation(Bytes $bytes, int $at, int $length): ?int
    {
        try {
            $directory = new TiffDirectory(
                fn (int $place, int $count): string => $place + $count > $length ? '' : $bytes->at($at + $place, $count),
            );

            return $directory->int(TiffDirectory::ORIENTATION);
        } catch (Unreadable) {
            return null;
        }
    }
}
