<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\TestCase;
use Planisher\Imaging\Vips\CHeader;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;

/** What vips.h says of libvips, against what libvips says of itself. */
final class BindingTest extends TestCase
{
    use Pictures;

    /** libvips' own command tells the kind of every argument of an operation. */
    public function test_optional_arguments_are_of_the_kinds_libvips_says(): void
    {
        $kinds = [
            'int' => '/^(gint|guint64|Vips(?!Array|Image|Interpolate|Blob)\w+)$/',
            'double' => '/^gdouble$/',
            'bool' => '/^gboolean$/',
            'string' => '/^gchararray$/',
            'ints' => '/^VipsArrayInt$/',
            'doubles' => '/^VipsArrayDouble$/',
            'interpolate' => '/^VipsInterpolate$/',
        ];
        $checked = 0;
        foreach (CHeader::functions() as $function => ['optional' => $optional]) {
            $name = preg_replace('/1$/', '', substr($function, strlen('vips_'))); // linear1 and its like are linear for one band
            $name = match ($name) {
                'image_new_from_file' => null, // its loader's, below
                'relational_const' => 'relational_const',
                'bandjoin2' => 'bandjoin',
                default => $name,
            };
            if ($name === null) {
                continue;
            }
            $said = self::tool('vips', $name);
            foreach ($optional as $argument => $kind) {
                $spelled = str_replace('_', '-', $argument);
                self::assertSame(1, preg_match("/^ +{$spelled} +- .*, input (\\w+)/m", $said, $m), "{$name} has no {$argument}");
                self::assertMatchesRegularExpression($kinds[$kind], $m[1] ?? '', "{$name}, {$argument}");
                $checked++;
            }
        }
        self::assertGreaterThan(60, $checked);
        $loaders = self::tool('vips', 'jpegload').self::tool('vips', 'tiffload');
        foreach (CHeader::functions()['vips_image_new_from_file']['optional'] as $argument => $kind) {
            self::assertSame(1, preg_match('/^ +'.str_replace('_', '-', $argument).' +- .*, input (\w+)/m', $loaders, $m));
            self::assertMatchesRegularExpression($kinds[$kind], $m[1] ?? '');
        }
    }

    /** A whole number where a double is meant was read as an address: by every way an operation is called. */
    public function test_whole_numbers_are_made_doubles(): void
    {
        $image = Image::fromPixels(str_repeat("\1\2\3", 64), 8, 8, 3)->as(Interpretation::Srgb);
        self::assertSame(
            [48, 12],
            [$image->run('resize', [6], ['vscale' => 1.5])->width(), $image->run('resize', [6.0], ['vscale' => 1.5])->height()],
        );
        self::assertSame(4, $image->run('resize', [0.5], ['vscale' => 2])->width());
        self::assertSame(
            24,
            $image->run('affine', [3, 0, 0, 2], ['idx' => 0, 'oarea' => [0, 0, 24, 16], 'interpolate' => 'bicubic'])->width(),
        );
        self::assertEqualsWithDelta(2.0, $image->run('gaussblur', [1], ['min_ampl' => 0.1])->mean(), 0.01);
        self::assertEqualsWithDelta(2.0, $image->run('embed', [0, 0, 8, 8], ['background' => [1, 2, 3]])->mean(), 0.01);
        self::assertSame(8, $image->run('sharpen', [], ['sigma' => 1, 'x1' => 2, 'm2' => 3, 'y2' => 10])->width());
    }

    public function test_what_the_header_doesn_t_have_can_t_be_called(): void
    {
        $image = Image::fromPixels("\1\2\3", 1, 1, 3);
        foreach (
            [
                fn () => $image->run('resize', ['6']),
                fn () => $image->run('resize', [1], ['vscale' => '2']),
                fn () => $image->run('resize', [1], ['no_such' => 1]),
                fn () => $image->run('crop', [0.5, 0, 1, 1]),
                fn () => $image->run('crop', [0, 0, 1]),
                fn () => $image->run('no_such'),
                fn () => $image->run('embed', [0, 0, 1, 1], ['background' => 'red']),
            ] as $call
        ) {
            try {
                $call();
                self::fail('it was called');
            } catch (\LogicException|\TypeError $e) {
                self::assertStringContainsString('vips_', $e->getMessage());
            }
        }
    }
}
