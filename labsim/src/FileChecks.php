<?php

declare(strict_types=1);

namespace LabSim;

/** Looks at a file by the lab's own means, ImageMagick and exiftool, and says why it can't be printed. */
final class FileChecks
{
    public function __construct(private readonly Store $store, private readonly Catalogue $catalogue) {}

    /**
     * @param  array<string, mixed>  $file  as its manifest has it
     * @param  list<array<string, mixed>>  $all  of the same parcel
     * @return array{reasons: list<string>, crop: ?array{x: int, y: int, width: int, height: int}}
     */
    public function of(array $file, string $path, array $all): array
    {
        $reasons = $this->asked($file, $all);
        if (filesize($path) !== ($file['bytes'] ?? null) || hash_file('sha256', $path) !== $file['sha256']) {
            return ['reasons' => [...$reasons, 'What arrived is another file than the manifest names.'], 'crop' => null];
        }
        [$format, $width, $height] = $this->identified($path);
        $told = $this->exif($path);
        if ($width === 0) {
            return ['reasons' => [...$reasons, 'This is no picture that can be opened.'], 'crop' => null];
        }
        if (! in_array($format, $this->catalogue->says['formats'], true)) {
            $reasons[] = "{$format} files aren't taken.";
        }
        if ([$width, $height] !== [$file['pixels']['width'] ?? 0, $file['pixels']['height'] ?? 0]) {
            $reasons[] = "It is {$width} × {$height} pixels, and the manifest says otherwise.";
        }
        $unit = ($told['ResolutionUnit'] ?? '') === 'cm' ? 2.54 : 1.0;
        $ppi = (float) ($told['XResolution'] ?? 0) * $unit;
        if (abs($ppi - ($file['ppi'] ?? 0)) > 0.02 * max(1, $ppi)) {
            $reasons[] = 'It is tagged '.round($ppi, 1)." ppi, and the manifest says {$file['ppi']}.";
        }
        if ($ppi < $this->catalogue->says['leastPpi']) {
            $reasons[] = 'It has only '.round($ppi).' ppi; we print from '.$this->catalogue->says['leastPpi'].'.';
        }
        $profile = (string) ($told['ProfileDescription'] ?? '');
        if (array_filter($this->catalogue->says['profiles'], fn (string $taken): bool => str_contains($profile, $taken)) === []) {
            $reasons[] = $profile === '' ? 'It has no profile.' : "Its profile is “{$profile}”; we print from sRGB.";
        }
        $bleed = Catalogue::inches($file['bleed'] ?? '');
        [$wide, $high] = [$width / max(1, $ppi) - 2 * $bleed, $height / max(1, $ppi) - 2 * $bleed];
        if (! $this->catalogue->prints($wide, $high, $file['product'] ?? null)) {
            $reasons[] = 'We don’t print '.round($wide, 2).' × '.round($high, 2).' in.';
        }

        return ['reasons' => $reasons, 'crop' => $this->crop($file, $path, $width, $height, $ppi, $bleed)];
    }

    /**
     * What is wrong with what is asked for, whatever the file is like.
     *
     * @param  array<string, mixed>  $file
     * @param  list<array<string, mixed>>  $all
     * @return list<string>
     */
    private function asked(array $file, array $all): array
    {
        $reasons = [];
        [$says, $product] = [$this->catalogue->says, $file['product'] ?? null];
        $of = $this->catalogue->product($product);
        if ($product !== null && $of === []) {
            $reasons[] = "We have no product “{$product}”.";
        }
        if (isset($file['paper']) && ! in_array($file['paper'], $says['papers'], true)) {
            $reasons[] = "We have no paper “{$file['paper']}”.";
        }
        if (isset($file['mount']) && ! isset($of['mounts'][$file['mount']])) {
            $reasons[] = "We have no mount “{$file['mount']}” for it.";
        }
        foreach ($file['options'] ?? [] as $option) {
            isset($of['options'][$option]) || ($reasons[] = "We have no option “{$option}” for it.");
        }
        if (($file['copies'] ?? 0) < 1) {
            $reasons[] = 'It is wanted 0 times.';
        }
        if (preg_match('/^[\w.-]+\.(jpe?g|tiff?)$/', $file['name']) !== 1 || strlen($file['name']) > $says['longestName']) {
            $reasons[] = 'We can’t take its name.';
        }
        if (($file['bytes'] ?? 0) > $says['largestBytes']) {
            $reasons[] = 'It is too large.';
        }
        foreach ($all as $other) {
            $isOfSet = isset($file['set']) && isset($other['set']) && $other['line'] === $file['line'];
            $alike = fn (array $one): array => [
                $one['product'] ?? null,
                $one['paper'] ?? null,
                $one['mount'] ?? null,
                $one['options'] ?? [],
            ];
            if ($isOfSet && $alike($other) !== $alike($file)) {
                $reasons[] = 'The files of its set aren’t ordered alike.';
                break;
            }
        }

        return $reasons;
    }

    /**
     * Draws what will be on the paper: where the file's shape isn't its paper's, the middle of it.
     *
     * @param  array<string, mixed>  $file
     * @return array{x: int, y: int, width: int, height: int} in pixels of the file
     */
    private function crop(array $file, string $path, int $width, int $height, float $ppi, float $bleed): array
    {
        $sides = Catalogue::sides($file['sheet'] ?? '');
        $crop = ['x' => 0, 'y' => 0, 'width' => $width, 'height' => $height];
        if ($sides !== null) {
            $height < $width === $sides[0] > $sides[1] || ($sides = array_reverse($sides));
            $ratio = ($sides[0] + 2 * $bleed) / ($sides[1] + 2 * $bleed);
            [$wide, $high] = $width / $height > $ratio ? [(int) round($height * $ratio), $height] : [$width, (int) round($width / $ratio)];
            // Half a pixel of rounding is nobody's crop.
            $crop =
                abs($wide - $width) <= 1 && abs($high - $height) <= 1
                    ? $crop
                    : ['x' => intdiv($width - $wide, 2), 'y' => intdiv($height - $high, 2), 'width' => $wide, 'height' => $high];
        }
        $to = $this->store->preview($file['sha256']);
        $geometry = "{$crop['width']}x{$crop['height']}+{$crop['x']}+{$crop['y']}";
        self::run('convert', "{$path}[0]", '-crop', $geometry, '+repage', '-thumbnail', '480x480', '-quality', '80', $to);

        return $crop;
    }

    /** @return array{string, int, int} */
    private function identified(string $path): array
    {
        [$format, $width, $height] = explode(' ', trim(self::run('identify', '-format', '%m %w %h\n', "{$path}[0]")).'  0 0');

        return [$format, (int) $width, (int) $height];
    }

    /** @return array<string, mixed> */
    private function exif(string $path): array
    {
        $told = json_decode(self::run('exiftool', '-json', '-XResolution', '-ResolutionUnit', '-ProfileDescription', $path), true);

        return is_array($told) && is_array($told[0] ?? null) ? $told[0] : [];
    }

    private static function run(string ...$command): string
    {
        $limit = $command[0] === 'exiftool' ? [] : ['-limit', 'memory', '256MiB', '-limit', 'map', '1GiB'];
        array_splice($command, 1, 0, $limit);

        return (string) shell_exec('timeout 60 '.implode(' ', array_map(escapeshellarg(...), $command)).' 2>/dev/null');
    }
}
