<?php

declare(strict_types=1);

namespace Demo;

use Planisher\Colour\Space;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\Vips\Image;
use Symfony\Component\Process\Process;

/**
 * The pictures a studio would bring, made from our rendered ones: some with a profile and some without, one in a wide
 * space, one lying on its side, one of 16 bits, with a made-up camera's Exif.
 */
final class DemoPictures
{
    private const HERE = __DIR__.'/pictures';

    /** What each is called by the studio. */
    private const NAMES = [
        'point-light.jpg' => 'lighthouse-point',
        'dawn-boat.jpg' => 'rowing-boat-dawn',
        'high-dunes.jpg' => 'dunes-dusk',
        'lone-tree.jpg' => 'lone-tree',
        'long-shore.jpg' => 'shoreline-panorama',
        'glazed-bowls.jpg' => 'glazed-bowls',
        'dyed-wool.jpg' => 'dyed-wool',
        'old-gears.jpg' => 'brass-gears',
        'kitchen-table.jpg' => 'dark-still-life',
        'beehives.jpg' => 'beehives',
    ];

    /** Brought without a profile, as screen copies often are. */
    private const WITHOUT_PROFILE = ['beehives.jpg', 'old-gears.jpg'];

    public function __construct(private readonly string $folder) {}

    /** @return array<string, string> paths by name */
    public function make(): array
    {
        $paths = [];
        foreach (self::NAMES as $name => $from) {
            $paths[$name] = "{$this->folder}/{$name}";
            copy(self::HERE."/{$from}.jpg", $paths[$name]);
            chmod($paths[$name], 0644);
        }
        $this->pushed($paths['dyed-wool.jpg']);
        $this->onItsSide($paths['high-dunes.jpg']);
        $paths['glazed-bowls-16bit.tif'] = $this->sixteenBit($paths['glazed-bowls.jpg']);
        $tagged = array_diff_key($paths, array_flip(self::WITHOUT_PROFILE), ['dyed-wool.jpg' => 1, 'glazed-bowls-16bit.tif' => 1]);
        $this->exif(['-icc_profile<='.ShippedProfiles::path(Space::Srgb)], $tagged);
        $this->exif(
            [
                '-Make=Corrin',
                '-Model=Corrin Field 3',
                '-LensModel=Corrin 45 mm',
                '-ExposureTime=1/125',
                '-FNumber=8',
                '-ISO=100',
                '-Artist=Wren Halloway',
            ],
            array_diff_key($paths, ['beehives.jpg' => 1]),
        );

        return $paths;
    }

    /** The colours drawn out into the wide space: read as Adobe RGB (1998) codes without conversion. */
    private function pushed(string $path): void
    {
        Image::open($path, streamed: false)
            ->withProfile(ShippedProfiles::bytes(Space::AdobeRgb))
            ->save('jpegsave', "{$path}.new", ['Q' => 92]);
        rename("{$path}.new", $path);
    }

    /** Stored lying, to be shown upright: Exif orientation 6. */
    private function onItsSide(string $path): void
    {
        Image::open($path, streamed: false)
            ->run('rot', [3])
            ->save('jpegsave', "{$path}.new", ['Q' => 92]);
        rename("{$path}.new", $path);
        $this->exif(['-n', '-Orientation=6'], [$path]);
    }

    private function sixteenBit(string $path): string
    {
        $to = "{$this->folder}/glazed-bowls-16bit.tif";
        Image::open($path)
            ->run('resize', [0.5])
            ->run(
                'icc_transform',
                [ShippedProfiles::path(Space::AdobeRgb)],
                ['input_profile' => ShippedProfiles::path(Space::Srgb), 'depth' => 16],
            )
            ->save('tiffsave', $to, ['compression' => 5, 'predictor' => 2]);

        return $to;
    }

    /**
     * @param  list<string>  $tags
     * @param  array<string>  $paths
     */
    private function exif(array $tags, array $paths): void
    {
        (new Process(['exiftool', '-q', '-overwrite_original', ...$tags, ...array_values($paths)]))->mustRun();
    }
}
