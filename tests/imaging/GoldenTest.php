<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * Holds what is: some thirty files that between them show every finish, edge fill, colour way and format come out byte for
 * byte as they did. A change that is meant to change them writes tests/golden/files.json anew, by itself:
 * GOLDEN=write bin/planisher test imaging
 */
final class GoldenTest extends TestCase
{
    use Pictures;

    private const FOLDER = __DIR__.'/../golden';

    public function test_made_files_are_as_they_were(): void
    {
        foreach (glob(__DIR__.'/../../demo/pictures/*.jpg') ?: [] as $picture) {
            symlink((string) realpath($picture), "{$this->folder}/".basename($picture));
        }
        foreach (['lustre', 'matte'] as $paper) {
            copy(__DIR__."/../../demo/profiles/simulated-{$paper}.icc", "{$this->folder}/{$paper}.icc");
        }
        $this->pictures();
        $made = [];
        foreach (['larkmoor', 'copperbeck'] as $lab) {
            $out = "{$this->folder}/{$lab}";
            $make = [__DIR__.'/../../bin/planisher', 'make', self::FOLDER."/{$lab}.json", '--pictures', $this->folder, '--out', $out];
            $process = new Process($make, timeout: 300);
            $process->run();
            self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
            $report = json_decode((string) file_get_contents("{$out}/report.json"), true);
            $made += array_column(array_merge(...array_column($report['lines'], 'files')), 'sha256', 'name');
        }
        if (getenv('GOLDEN') === 'write') {
            file_put_contents(self::FOLDER.'/files.json', json_encode($made, JSON_PRETTY_PRINT)."\n");
        }
        self::assertGreaterThan(25, count($made));
        self::assertSame(json_decode((string) file_get_contents(self::FOLDER.'/files.json'), true), $made);
    }

    /** The kinds that the demo's pictures don't show, each always the same bytes. */
    private function pictures(): void
    {
        $from = __DIR__.'/../../demo/pictures/dyed-wool.jpg';
        self::tool('vips', 'resize', $from, "{$this->folder}/small.png", '0.12');
        self::tool('vips', 'colourspace', $from, "{$this->folder}/deep.tif", 'rgb16');
        self::tool('vips', 'colourspace', $from, "{$this->folder}/grey.jpg[Q=92]", 'b-w');
        self::tool('vips', 'icc_transform', $from, "{$this->folder}/ink.tif", 'cmyk', '--input-profile', 'srgb');
        self::tool('vips', 'bandjoin_const', "{$this->folder}/small.png", "{$this->folder}/clear.png", '120');
        copy($from, "{$this->folder}/side.jpg");
        $tags = [
            '-Orientation=6',
            '-Make=Corrin',
            '-FNumber=5.6',
            '-ISO=200',
            '-ImageDescription=Wool on the line',
            '-Copyright=Wren Halloway',
        ];
        self::tool('exiftool', '-q', '-overwrite_original', '-n', ...$tags, ...["{$this->folder}/side.jpg"]);
    }
}
