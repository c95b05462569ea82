<?php

declare(strict_types=1);

namespace Tests\imaging;

use Planisher\Colour\CieLab;
use Planisher\Colour\DeltaE;
use Planisher\Colour\PaperProfile;
use Planisher\Colour\ProfileShelf;
use Planisher\Colour\Space;
use Planisher\Imaging\Colour\ProfileReader;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\PictureReader;
use Planisher\Imaging\Vips\BandFormat;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Naming\NameBook;
use Planisher\Order\WorkedLine;
use Planisher\Plan\PlannedFile;
use Symfony\Component\Process\Process;
use Tests\core\LineContexts;

/** Patches of colour, a lab with two papers, and LittleCMS to compare with. */
trait Colours
{
    private const PAPERS = __DIR__.'/../../demo/profiles';

    private static function paper(string $name): PaperProfile
    {
        $path = self::PAPERS."/simulated-{$name}.icc";
        $profile = ProfileReader::read($path, basename($path));
        self::profiles()->know($profile, $path);

        return $profile;
    }

    /**
     * @param  array<string, mixed>  $line
     * @param  array<string, mixed>  $lab
     */
    private static function file(string $picture, array $line, array $lab = []): PlannedFile
    {
        $papers = ['lustre.icc' => self::paper('lustre'), 'matte.icc' => self::paper('matte')];
        $card = LineContexts::lab(
            $lab + [
                'minimumPpi' => 1,
                'nameLength' => 60,
                'bits' => [8, 16],
                'takesPaperProfiles' => true,
                'papers' => [
                    ['name' => 'Lustre', 'surface' => 'lustre', 'profile' => 'lustre.icc'],
                    ['name' => 'Rag', 'surface' => 'matte', 'profile' => 'matte.icc'],
                ],
            ],
        )->knowing(new ProfileShelf($papers));
        $wanted = LineContexts::line(['picture' => basename($picture), 'carrier' => 'none'] + $line);
        $worked = WorkedLine::work(
            $wanted,
            [PictureReader::read($picture, basename($picture))],
            $card,
            NameBook::names(LineContexts::head(), $card, [1 => $wanted])[1],
        );

        return $worked->plan->files[0] ?? throw new \LogicException('no plan');
    }

    /** @return list<array{int, int, int}> */
    private static function patches(): array
    {
        mt_srand(500);

        return array_map(fn (): array => [mt_rand(0, 255), mt_rand(0, 255), mt_rand(0, 255)], range(1, 500));
    }

    /** @param  list<array{int, int, int}>  $patches each 4 × 4 px, so that nothing mixes */
    private function patchPicture(array $patches): string
    {
        $row = implode('', array_map(fn (array $rgb): string => str_repeat(pack('C3', ...$rgb), 4), $patches));
        Image::fromPixels(str_repeat($row, 4), 4 * count($patches), 4, 3)
            ->as(Interpretation::Srgb)
            ->withProfile(ShippedProfiles::bytes(Space::Srgb))
            ->save('tiffsave', "{$this->folder}/patches.tif", []);

        return "{$this->folder}/patches.tif";
    }

    /**
     * What transicc (LittleCMS) makes of each colour, unoptimised floats.
     *
     * @param  list<array<int|float>>  $patches
     * @return list<list<float>>
     */
    private static function transicc(array $patches, string $from, string $to, int $intent = 1, bool $bpc = true): array
    {
        $process = new Process(['transicc', '-n', "-t{$intent}", ...$bpc ? ['-b'] : [], '-c0', "-i{$from}", "-o{$to}"]);
        $process->setInput(implode("\n", array_map(fn (array $p): string => implode("\n", $p), $patches))."\n");
        $process->mustRun();
        $lines = array_values(
            array_filter(explode("\n", $process->getOutput()), fn (string $line): bool => preg_match('/^\s*-?\d/', $line) === 1),
        );

        return array_map(fn (string $line): array => array_map(floatval(...), preg_split('/\s+/', trim($line)) ?: []), $lines);
    }

    /**
     * Every fourth pixel of a row of patches, as codes of 255.
     *
     * @return list<list<float>>
     */
    private static function patchesOf(string $path, int $count): array
    {
        $row = Image::open($path)->run('crop', [0, 1, 4 * $count, 1]);
        $is16 = $row->format() === BandFormat::Bits16;
        $samples = array_values((array) unpack($is16 ? 'S*' : 'C*', $row->pixels()));

        return array_map(
            fn (int $i): array => array_map(fn (int $code): float => $code / ($is16 ? 257 : 1), array_slice($samples, $i * 12 + 3, 3)),
            range(0, $count - 1),
        );
    }

    /**
     * In the destination's own Lab, where a code near black weighs what it weighs to the eye, by ΔE2000.
     *
     * @param  list<list<float>>  $found  codes
     * @param  list<list<float>>  $expected
     */
    private static function assertSameColours(array $expected, array $found, string $profile, float $mean, float $most): void
    {
        self::assertCount(count($expected), $found);
        $off = array_map(DeltaE::between(...), self::labOf($expected, $profile), self::labOf($found, $profile));
        self::assertLessThan($mean, array_sum($off) / count($off));
        self::assertLessThan($most, max($off));
    }

    /**
     * Codes of a profile as what LittleCMS says they are.
     *
     * @param  list<list<float>>  $codes
     * @return list<CieLab>
     */
    private static function labOf(array $codes, string $profile): array
    {
        return array_map(
            fn (array $of): CieLab => new CieLab($of[0], $of[1], $of[2]),
            self::transicc(array_map(fn (array $one): array => array_slice($one, 0, 3), $codes), $profile, '*Lab', bpc: false),
        );
    }
}
