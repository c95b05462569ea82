<?php

declare(strict_types=1);

namespace Tests\core\Colour;

use PHPUnit\Framework\TestCase;
use Planisher\Colour\Channels;
use Planisher\Colour\ProfileHeader;
use Planisher\Colour\Space;
use Planisher\Imaging\Colour\ShippedProfiles;

/** Offsets in an ICC header: ICC.1:2010, 7.2. */
final class ProfileHeaderTest extends TestCase
{
    public function test_reads_its_own_description(): void
    {
        foreach (Space::cases() as $space) {
            $header = ProfileHeader::read(ShippedProfiles::bytes($space), Channels::Rgb);
            self::assertNull($header->flaw);
            self::assertSame($space->profileDescription(), $header->description);
        }
    }

    public function test_says_what_is_wrong(): void
    {
        $good = ShippedProfiles::bytes(Space::Srgb);
        $flaw = fn (string $bytes, Channels $channels = Channels::Rgb): string => (string) ProfileHeader::read($bytes, $channels)->flaw;
        self::assertStringContainsString('not an ICC profile', $flaw('hello'));
        self::assertStringContainsString('not an ICC profile', $flaw(substr_replace($good, 'xxxx', 36, 4)));
        self::assertStringContainsString('cut off at 1000 of 2528 bytes', $flaw(substr($good, 0, 1000)));
        self::assertStringContainsString('class “abst”', $flaw(substr_replace($good, 'abst', 12, 4)));
        self::assertStringContainsString('RGB channels and the picture is CMYK', $flaw($good, Channels::Cmyk));
        self::assertStringContainsString('grey', $flaw(substr_replace($good, 'GRAY', 16, 4)));
    }

    /** ICC.1:2010, 8.2 to 8.5: a table serves the intent it is for, a matrix all. */
    public function test_which_intents_a_profile_serves(): void
    {
        $paper = (string) file_get_contents(__DIR__.'/../../../demo/profiles/simulated-matte.icc');
        $without = str_replace('A2B1', 'A2Bx', $paper);
        foreach ([0, 1, 2, 3] as $intent) {
            self::assertTrue(ProfileHeader::serves(ShippedProfiles::bytes(Space::Srgb), $intent), "a matrix, {$intent}");
            self::assertSame(
                $intent !== 1 && $intent !== 3,
                ProfileHeader::serves($without, $intent),
                "tables but the relative one, {$intent}",
            );
        }
        self::assertFalse(ProfileHeader::read($paper, Channels::Rgb)->isPerceptualOnly);
        self::assertTrue(ProfileHeader::read($without, Channels::Rgb)->isPerceptualOnly);
        self::assertStringContainsString(
            'neither a table nor a matrix',
            (string) ProfileHeader::read(str_replace(['A2B0', 'A2B1'], 'xxxx', $paper), Channels::Rgb)->flaw,
        );
    }

    public function test_survives_any_bytes(): void
    {
        mt_srand(29);
        $good = ShippedProfiles::bytes(Space::Srgb);
        for ($i = 0; $i < 500; $i++) {
            $bytes = $good;
            for ($j = 0; $j < 8; $j++) {
                $bytes[mt_rand(0, 260)] = chr(mt_rand(0, 255));
            }
            $header = ProfileHeader::read($bytes, Channels::Rgb);
            self::assertTrue($header->description === null || mb_check_encoding($header->description, 'UTF-8'));
        }
    }
}
