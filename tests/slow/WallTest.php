<?php

declare(strict_types=1);

namespace Tests\slow;

use PHPUnit\Framework\TestCase;
use Planisher\Imaging\Vips\Image;
use Symfony\Component\Process\Process;
use Tests\faults\Running;

/** What takes long because it is large: making has no limit but the one that goes with its pixels. */
final class WallTest extends TestCase
{
    private const PORT = 8302;

    private const PANEL = [12_000, 18_000];

    private const HOURS = 3;

    /** Twelve panels of 40 × 60 in at 300 ppi, 2 600 megapixels, by one worker in one job. */
    public function test_a_wall_of_twelve_panels_is_made(): void
    {
        $studio = new Running('own-wall', self::PORT, ['PLANISHER_WORKERS' => '1']);
        (new Process(['rm', '-rf', $studio->home()]))->mustRun();
        $studio->start();
        try {
            $studio->open(['largestPiece' => '44 x 70 in', 'ppi' => 300, 'formats' => ['jpeg'], 'minimumPpi' => 1], lines: 0);
            $noise = Image::gaussianNoise(4500, 5000, 30.0)->run('linear1', [1.0, 128.0], ['uchar' => true]);
            $noise->run('colourspace', [\Planisher\Imaging\Vips\Interpretation::Srgb])->save('jpegsave', $studio->home('run/wall.jpg'), []);
            self::assertSame(201, $studio->upload($studio->home('run/wall.jpg'))->status);
            $line = $studio->ask('POST', "/api/orders/{$studio->order}/lines", ['size' => '160 x 180 in', 'picture' => 'wall.jpg']);
            self::assertSame(201, $line->status, $line->body);
            $change = ['make' => 'panels', 'panels' => ['columns' => [1, 1, 1, 1], 'rows' => [1, 1, 1]], 'turn' => 'portrait'];
            $set = $studio->ask('PATCH', "/api/lines/{$line->json('id')}", ['version' => $line->json('version'), 'change' => $change]);
            self::assertSame(200, $set->status, $set->body);
            $passed = $studio->ask('POST', "/api/lines/{$set->json('id')}/pass", ['version' => $set->json('version')]);
            self::assertSame(200, $passed->status, $passed->body);
            $began = microtime(true);
            $make = (int) $studio->ask('POST', "/api/orders/{$studio->order}/make")->json('id');
            $left = "select name, state, error from made_files where make_id = {$make} and state <> 'made'";
            Running::until(
                fn (): bool => array_keys($studio->states($make)) === ['made'],
                self::HOURS * 3600,
                fn (): array => $studio->asked($left),
            );
            fprintf(STDOUT, "\n  twelve panels of 40 × 60 in: %.0f s\n", microtime(true) - $began);
            $files = glob($studio->home('storage/app/orders/*/*/*.jpg')) ?: [];
            self::assertCount(12, $files);
            foreach ($files as $file) {
                $sides = (new Process(['identify', '-ping', '-format', '%w %h', $file]))->mustRun()->getOutput();
                self::assertSame(implode(' ', self::PANEL), $sides);
            }
        } finally {
            $studio->remove();
        }
    }
}
