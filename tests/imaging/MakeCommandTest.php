<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** bin/planisher make, run as another program would run it. */
final class MakeCommandTest extends TestCase
{
    use Pictures;

    /** @param  list<string>  $more */
    private function make(mixed $order, array $more = []): Process
    {
        file_put_contents("{$this->folder}/order.json", is_string($order) ? $order : json_encode($order));
        $process = new Process([
            __DIR__.'/../../bin/planisher',
            'make',
            "{$this->folder}/order.json",
            '--pictures',
            $this->folder,
            '--out',
            "{$this->folder}/out",
            ...$more,
        ]);
        $process->run();

        return $process;
    }

    /**
     * @param  list<array<string, mixed>>  $lines
     * @return array<string, mixed>
     */
    private static function order(array $lines): array
    {
        return [
            'planisher' => 1,
            'order' => ['number' => '2611-04', 'client' => 'Isholm', 'date' => '2026-11-24'],
            'lab' => ['name' => 'Larkmoor', 'sizes' => ['4 x 6 in', '8 x 10 in'], 'formats' => ['jpeg', 'tiff']],
            'lines' => $lines,
        ];
    }

    /** @return array<string, mixed> */
    private function report(): array
    {
        return json_decode((string) file_get_contents("{$this->folder}/out/report.json"), true);
    }

    public function test_makes_all_lines_and_reports(): void
    {
        $picture = $this->picture('dawn-boat.jpg', 3000, 2000);
        $before = hash_file('sha256', $picture);
        $process = $this->make(
            self::order([
                ['picture' => 'dawn-boat.jpg', 'size' => '8 x 10 in'],
                ['picture' => 'dawn-boat.jpg', 'size' => '4x6', 'subject' => 'Boat', 'output' => ['format' => 'tiff']],
            ]),
        );
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        self::assertSame('', $process->getOutput());
        self::assertStringContainsString('isholm_8x10_dawn-boat_1.jpg: made, read back', $process->getErrorOutput());
        $file = $this->report()['lines'][0]['files'][0];
        self::assertSame(
            ['isholm_8x10_dawn-boat_1.jpg', 3000, 2400, 300, 'sRGB IEC61966-2.1'],
            [$file['name'], $file['width'], $file['height'], $file['ppi'], $file['profile']],
        );
        $path = "{$this->folder}/out/{$file['name']}";
        self::assertSame(hash_file('sha256', $path), $file['sha256']);
        self::assertSame(filesize($path), $file['bytes']);
        self::assertSame([], array_filter($file['readBack'], fn (array $figure): bool => ! $figure['agrees']));
        self::assertStringContainsString('3000x2400', self::tool('identify', $path));
        self::assertFileExists("{$this->folder}/out/isholm_4x6_boat_2.tif");
        self::assertSame($before, hash_file('sha256', $picture), 'the original is as it was');

        $again = $this->make(
            self::order([
                ['picture' => 'dawn-boat.jpg', 'size' => '8 x 10 in'],
                ['picture' => 'dawn-boat.jpg', 'size' => '4x6', 'subject' => 'Boat', 'output' => ['format' => 'tiff']],
            ]),
        );
        self::assertSame(0, $again->getExitCode(), 'the same again is no error');
        self::assertCount(3, glob("{$this->folder}/out/*") ?: []);
    }

    public function test_a_stopped_line_stops_only_itself(): void
    {
        $this->picture('a.jpg', 3000, 2000);
        file_put_contents("{$this->folder}/text.jpg", 'hello');
        file_put_contents("{$this->folder}/cut.jpg", substr((string) file_get_contents("{$this->folder}/a.jpg"), 0, 30_000));
        $process = $this->make(
            self::order([
                ['picture' => 'missing.jpg', 'size' => '4 x 6 in'],
                ['picture' => '../a.jpg', 'size' => '4 x 6 in'],
                ['picture' => 'text.jpg', 'size' => '4 x 6 in'],
                ['picture' => 'cut.jpg', 'size' => '4 x 6 in'],
                ['picture' => 'a.jpg', 'size' => '4 x 6 in', 'overlays' => [['picture' => 'none.png']]],
                ['picture' => 'a.jpg', 'size' => '4 x 6 in', 'copies' => 0],
                ['size' => '4 x 6 in'],
                ['picture' => 'a.jpg', 'size' => '4 x 6 in'],
            ]),
        );
        self::assertSame(1, $process->getExitCode());
        $lines = $this->report()['lines'];
        self::assertSame([false, false, false, false, false, false, false, true], array_column($lines, 'made'));
        self::assertSame(
            ['picture-missing', 'picture-unreadable', 'picture-unreadable', 'mark-missing', 'copies-zero', 'no-picture'],
            array_map(fn (int $i): string => $lines[$i]['findings'][0]['code'], [0, 1, 2, 4, 5, 6]),
        );
        self::assertStringContainsString('cut off', $lines[3]['error']);
        self::assertSame(['isholm_4x6_a_8.jpg', 'report.json'], array_map(basename(...), glob("{$this->folder}/out/*") ?: []));
    }

    public function test_shared_sheets_are_made_and_what_overlaps_is_said(): void
    {
        $this->picture('a.jpg', 1200, 1800);
        $cell = ['picture' => 'a.jpg', 'size' => '3 x 4 in'];
        $at = fn (string $x): array => $cell + ['at' => ['x' => $x, 'y' => '0 in']];
        $process = $this->make(
            self::order([
                ['make' => 'shared-sheet', 'size' => 'cheapest', 'sheet' => ['cells' => [$cell + ['copies' => 3]]]],
                ['make' => 'shared-sheet', 'size' => '8 x 10 in', 'sheet' => ['cells' => [$at('0 in'), $at('2.5 in')]]],
            ]),
        );
        self::assertSame(1, $process->getExitCode());
        [$made, $stopped] = $this->report()['lines'];
        self::assertTrue($made['made']);
        self::assertSame([true, true], array_map(fn (array $file): bool => is_file("{$this->folder}/out/{$file['name']}"), $made['files']));
        self::assertMatchesRegularExpression('/_1of2\.jpg$/', $made['files'][0]['name']);
        $found = $stopped['findings'][0];
        self::assertSame(['cells-overlap', 'Cells 1 and 2 overlap'], [$found['code'], $found['title']]);
        self::assertStringContainsString('0.5', $found['text'], 'by how much');
    }

    public function test_a_dry_run_writes_nothing(): void
    {
        $this->picture('a.jpg', 3000, 2000);
        $process = $this->make(self::order([['picture' => 'a.jpg', 'size' => '8 x 10 in']]), ['--dry-run']);
        self::assertSame(0, $process->getExitCode());
        self::assertSame(
            [3000, 2400],
            [
                json_decode($process->getOutput(), true)['lines'][0]['files'][0]['width'],
                json_decode($process->getOutput(), true)['lines'][0]['files'][0]['height'],
            ],
        );
        self::assertDirectoryDoesNotExist("{$this->folder}/out");
    }

    public function test_an_order_that_cannot_be_read(): void
    {
        $broken = $this->make("{\n  \"planisher\": 1,\n  oops\n}");
        self::assertSame(2, $broken->getExitCode());
        self::assertStringContainsString('Line 3, column 3: found “oops”', $broken->getErrorOutput());
        $banana = $this->make(self::order([['picture' => 'a.jpg', 'size' => 'banana'], ['picture' => 'a.jpg', 'size' => '15 x 11 px']]));
        self::assertSame(2, $banana->getExitCode());
        self::assertStringContainsString('lines[0].size: found “banana”', $banana->getErrorOutput());
        self::assertStringContainsString('lines[1].size: found “15 x 11 px”', $banana->getErrorOutput());
        self::assertDirectoryDoesNotExist("{$this->folder}/out");
    }

    public function test_words_on_the_command_line_that_are_not_understood(): void
    {
        foreach ([[], ['nowhere.json', '--pictures', $this->folder, '--out', 'x'], ['--speed', '9']] as $words) {
            $process = new Process([__DIR__.'/../../bin/planisher', 'make', ...$words]);
            $process->run();
            self::assertSame(2, $process->getExitCode());
            self::assertStringStartsWith('planisher make: ', $process->getErrorOutput());
        }
    }

    /** Several lines are made by several processes; one of them alone comes out with the same bytes. */
    public function test_lines_can_be_made_alone(): void
    {
        $this->picture('a.jpg', 2400, 1600);
        $this->picture('b.jpg', 1600, 2400);
        $lines = [];
        foreach (['a', 'b', 'nowhere', 'a'] as $i => $name) {
            $lines[] = [
                'picture' => "{$name}.jpg",
                'size' => $i === 3 ? '8 x 10 in' : '4 x 6 in',
                'output' => ['format' => 'tiff', 'ppi' => 60],
            ];
        }
        self::assertSame(1, $this->make(self::order($lines))->getExitCode(), 'a line was stopped');
        $together = $this->report()['lines'];
        self::assertSame([1, 2, 3, 4], array_column($together, 'number'));
        self::assertSame([true, true, false, true], array_column($together, 'made'));
        self::assertSame(0, $this->make(self::order($lines), ['--lines', '4,1', '--report', "{$this->folder}/alone.json"])->getExitCode());
        $alone = json_decode((string) file_get_contents("{$this->folder}/alone.json"), true)['lines'];
        self::assertSame([$together[0]['files'], $together[3]['files']], array_column($alone, 'files'));
        $none = $this->make(self::order($lines), ['--lines', '5']);
        self::assertSame([2, true], [$none->getExitCode(), str_contains($none->getErrorOutput(), 'the order has no line 5')]);
    }

    public function test_an_earlier_report_and_other_peoples_files_are_kept(): void
    {
        $this->picture('a.jpg', 900, 600);
        mkdir("{$this->folder}/out");
        file_put_contents("{$this->folder}/out/isholm_4x6_a_1.jpg", 'mine');
        $first = $this->make(self::order([['picture' => 'a.jpg', 'size' => '4 x 6 in']]));
        self::assertSame(1, $first->getExitCode());
        self::assertStringContainsString('Nothing is overwritten', $this->report()['lines'][0]['error']);
        self::assertStringEqualsFile("{$this->folder}/out/isholm_4x6_a_1.jpg", 'mine');
        $this->make(self::order([['picture' => 'a.jpg', 'size' => '4 x 6 in', 'subject' => 'B']]));
        self::assertFileExists("{$this->folder}/out/report-1.json");
    }

    public function test_what_lies_round_a_picture_is_made_from_an_order_file(): void
    {
        $this->picture('light.jpg', 3000, 2000);
        $order = self::order([
            [
                'picture' => 'light.jpg',
                'size' => '5 x 7.5 in',
                'border' => ['top' => '1 cm', 'right' => '1 cm', 'bottom' => '2 cm', 'left' => '1 cm'],
                'paperColour' => '#e9e1d3',
                'keyline' => ['width' => '1 mm'],
            ],
            ['picture' => 'light.jpg', 'size' => '8 x 10 in', 'fit' => 'whole', 'image' => ['width' => '6 in'], 'raise' => 'optical'],
            ['picture' => 'light.jpg', 'size' => '8 x 10 in', 'window' => ['x' => 0.2, 'y' => 0.5, 'tight' => 1]],
            ['picture' => 'light.jpg', 'size' => '8 x 10 in'],
            ['picture' => 'light.jpg', 'size' => '8 x 10 in', 'border' => '6 in'],
        ]) + [
            'pictures' => [
                [
                    'name' => 'light.jpg',
                    'mustStayIn' => [['label' => 'the light', 'x' => 0.8, 'y' => 0.4, 'width' => 0.18, 'height' => 0.2]],
                ],
            ],
        ];
        $process = $this->make($order);
        self::assertSame(1, $process->getExitCode(), $process->getErrorOutput());
        $lines = $this->report()['lines'];
        self::assertSame([true, true, false, true, false], array_column($lines, 'made'));
        self::assertSame(
            ['carrier-used', 'must-stay-in-cut', 'margins-too-large'],
            array_map(fn (int $i): string => $lines[$i]['findings'][0]['code'], [0, 2, 4]),
        );
        self::assertSame([3000, 2400], [$lines[0]['files'][0]['width'], $lines[0]['files'][0]['height']], 'laid on 8 × 10');
        $border = array_column($lines[0]['files'][0]['readBack'], null, 'what')['border'];
        self::assertSame(['#e9e1d3 and #ffffff', true], [$border['found'], $border['agrees']]);
        self::assertStringContainsString('3000x2400', self::tool('identify', "{$this->folder}/out/{$lines[1]['files'][0]['name']}"));
    }

    /**
     * Papers and their profiles lie beside the pictures; what becomes of the colours is in the report, and the file carries
     * the profile.
     */
    public function test_a_file_in_its_papers_profile(): void
    {
        $this->picture('a.jpg', 900, 600);
        copy(__DIR__.'/../../demo/profiles/simulated-matte.icc', "{$this->folder}/rag.icc");
        file_put_contents("{$this->folder}/broken.icc", 'no profile');
        $order = self::order([
            ['picture' => 'a.jpg', 'size' => '4 x 6 in', 'output' => ['colour' => 'paper']],
            ['picture' => 'a.jpg', 'size' => '4 x 6 in', 'output' => ['colour' => 'broken.icc']],
            ['picture' => 'a.jpg', 'size' => '4 x 6 in', 'output' => ['colour' => '../rag.icc']],
        ]);
        $order['lab'] =
            ['papers' => [['name' => 'Rag', 'surface' => 'matte', 'profile' => 'rag.icc']], 'takesPaperProfiles' => true] + $order['lab'];
        self::assertSame(1, $this->make($order)->getExitCode());
        [$made, $broken, $outside] = $this->report()['lines'];
        self::assertTrue($made['made']);
        self::assertSame('Simulated matte paper', $made['files'][0]['profile']);
        self::assertContains('colours-outside', array_column($made['findings'], 'code'), 'its picture has colours that no paper holds');
        self::assertStringContainsString('not an ICC profile', $broken['findings'][0]['text']);
        self::assertSame(['profile-refused', 'profile-refused'], [$broken['findings'][0]['code'], $outside['findings'][0]['code']]);
    }

    public function test_numbers_remarks_and_sums_of_pictures(): void
    {
        $picture = $this->picture('dawn-boat.jpg', 600, 400);
        $this->picture('slipway.jpg', 600, 400);
        $order = self::order([
            ['number' => 3, 'picture' => 'dawn-boat.jpg', 'size' => '4 x 6 in', 'remark' => ['own' => 'ring first', 'lab' => 'no gloss']],
            ['picture' => 'slipway.jpg', 'size' => '4 x 6 in'],
        ]);
        $order['order'] += ['title' => 'Autumn set', 'due' => '2026-12-04', 'remark' => ['lab' => 'by Friday']];
        $order['pictures'] = [
            ['name' => 'dawn-boat.jpg', 'sha256' => hash_file('sha256', $picture)],
            ['name' => 'slipway.jpg', 'sha256' => str_repeat('0', 64)],
        ];
        self::assertSame(1, $this->make($order)->getExitCode());
        $lines = $this->report()['lines'];
        self::assertSame([3, 4], array_column($lines, 'number'), 'the next one counts on');
        self::assertSame('isholm_4x6_dawn-boat_3.jpg', $lines[0]['files'][0]['name']);
        self::assertSame([true, false], array_column($lines, 'made'));
        self::assertContains('picture-other', array_column($lines[1]['findings'], 'code'));
        $order['lines'][1]['number'] = 3;
        self::assertStringContainsString('a number that no line before it has', $this->make($order)->getErrorOutput());
    }
}
