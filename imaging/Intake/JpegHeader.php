<?php

declare(strict_types=1);

namespace Planisher\Imaging\Intake;

/** A JPEG's markers up to its first scan, and how many scans it has (ISO 10918-1, annex B). */
final class JpegHeader
{
    private const START_OF_SCAN = 0xDA;

    /** Coefficients are held in 16 bits (libjpeg). */
    private const COEFFICIENT = 2;

    private const TWELVE_BITS = 12;

    /** Frames whose coefficients come in several passes over the picture. */
    private const PROGRESSIVE = [0xC2, 0xC6, 0xCA, 0xCE];

    private const LOSSLESS = [0xC3, 0xC7, 0xCB, 0xCF];

    public static function read(string $path): PackedHeader
    {
        $bytes = new Bytes($path);
        $samples = $metadata = $channels = 0;
        $progressive = false;
        $refused = null;
        for ($at = 2; strlen($marker = $bytes->at($at, 4)) === 4 && $marker[0] === "\xFF";) {
            $code = ord($marker[1]);
            if ($code === 0xFF || $code === 0x01 || ($code >= 0xD0 && $code <= 0xD7)) {
                // filling, or a marker without a segment
                $at += $code === 0xFF ? 1 : 2;

                continue;
            }
            $length = (int) ((array) unpack('n', $marker, 2))[1];
            $body = $bytes->at($at + 4, 20);
            if ($code >= 0xC0 && $code <= 0xCF && ! in_array($code, [0xC4, 0xC8, 0xCC], true) && strlen($body) >= 6) {
                ['bits' => $bits, 'height' => $height, 'width' => $width, 'channels' => $channels] = (array) unpack(
                    'Cbits/nheight/nwidth/Cchannels',
                    $body,
                );
                $samples = self::samples($width, $height, $channels, $bytes->at($at + 10, 3 * $channels));
                $progressive = in_array($code, self::PROGRESSIVE, true);
                $refused = match (true) {
                    $bits === self::TWELVE_BITS => 'it is a JPEG of 12 bits, which few programs read. Save it as a 16-bit TIFF.',
                    in_array($code, self::LOSSLESS, true) => 'it is a lossless JPEG, which few programs read. Save it as a TIFF.',
                    default => null,
                };
            } elseif ($code === self::START_OF_SCAN) {
                $isWhole = ! $progressive && ord($body[0] ?? "\0") >= $channels;
                $scans = $isWhole ? 1 : $bytes->count("\xFF\xDA", $at);

                return new PackedHeader($isWhole ? 0 : self::COEFFICIENT * $samples, $scans * $samples, $metadata, $refused);
            } elseif (($code >= 0xE0 && $code <= 0xEF) || $code === 0xFE) {
                $metadata += $length;
            }
            $at += 2 + max(2, $length);
        }

        return new PackedHeader(metadata: $metadata, refused: $refused);
    }

    /** Of all channels, each as much smaller as it says it is. */
    private static function samples(int $width, int $height, int $channels, string $sampling): int
    {
        $factors = array_map(fn (string $one): int => ord($one[1] ?? "\x11"), str_split($sampling, 3));
        $across = max(1, ...array_map(fn (int $one): int => $one >> 4, $factors));
        $down = max(1, ...array_map(fn (int $one): int => $one & 15, $factors));

        return (int) array_sum(
            array_map(
                fn (int $one): float => ($width * $height * ($one >> 4) * ($one & 15)) / $across / $down,
                array_slice($factors, 0, $channels),
            ),
        );
    }
}
