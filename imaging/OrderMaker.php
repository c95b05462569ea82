<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\ProfileShelf;
use Planisher\Finding\Finding;
use Planisher\Imaging\Child\Limits;
use Planisher\Imaging\Vips\Library;
use Planisher\Lab\LabCard;
use Planisher\Lab\Paper;
use Planisher\Line\Line;
use Planisher\Naming\NameBook;
use Planisher\OrderFile\Order;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureTrouble;
use Planisher\Picture\Seen;
use Planisher\Plan\Plan;
use Planisher\Plan\WorkedLine;

/** Makes all files of an order file from a folder of pictures into another, line by line; a stopped line does not stop the others. */
final class OrderMaker
{
    private const PROXY_SIDE = 1024;

    /** Pictures that are read at once: this one's and the next line's. */
    private const AHEAD = 2;

    /** @var array<string, Handed|PictureFacts|PictureTrouble> by name; each picture is read once */
    private array $handed = [];

    /** @var array<string, array{string, PictureFacts}> a proxy and what was seen in it, by name */
    private array $proxied = [];

    /** @var array<string, Seen> by plan and paper */
    private array $seen = [];

    /** @param  \Closure(string, ?int): void  $tell */
    public function __construct(private readonly string $pictures, private readonly string $out, private readonly \Closure $tell) {}

    /**
     * @return list<array<string, mixed>> per line: number, made, findings, files and, when it failed, error
     */
    public function run(Order $order, bool $dry): array
    {
        $this->begin(array_values($order->lines), $dry);
        Library::get(); // loaded while the first picture is read
        $lab = $order->lab->knowing($this->shelf($order));
        foreach ($lab->disagreements() as $said) {
            ($this->tell)("lab card: {$said}", null);
        }
        $names = NameBook::names($order->head, $lab, $order->lines);
        $report = [];
        try {
            foreach ($order->lines as $number => $line) {
                $this->begin(array_slice($order->lines, count($report), preserve_keys: false), $dry);
                $work = fn (PictureFacts|PictureTrouble $picture): WorkedLine => WorkedLine::work(
                    $line,
                    $picture instanceof PictureFacts
                        ? $this->looked($line, $picture->with(mustStayIn: $order->mustStayIn[$picture->name] ?? []))
                        : $picture,
                    $lab,
                    $names[$number],
                    fn (Plan $plan): ?Seen => $this->seen($line, $plan, $lab),
                );
                $report[] = ['number' => $number, ...$this->line($line, $work, $dry)];
            }
        } finally {
            array_map(fn (array $proxied): bool => @unlink($proxied[0]), $this->proxied);
            $this->proxied = [];
        }

        return $report;
    }

    /**
     * @param  callable(PictureFacts|PictureTrouble): WorkedLine  $work
     * @return array<string, mixed>
     */
    private function line(Line $line, callable $work, bool $dry): array
    {
        $worked = $work($this->known($line));
        $report = ['made' => false, 'findings' => self::told($worked), 'files' => []];
        if ($worked->isStopped() || $worked->plan === null) {
            ($this->tell)("{$worked->name}: stopped. {$worked->worst()->title}. {$worked->worst()->text}", null);

            return $report;
        }
        $source = Source::forFiles($this->path((string) $line->picture), $worked->plan->files);
        foreach ($worked->plan->files as $file) {
            if ($dry) {
                $report['files'][] = [
                    'name' => $file->name,
                    'width' => $file->width,
                    'height' => $file->height,
                    'ppi' => round($file->resolution->ppi(), 3),
                    'profile' => $file->encoding->profileDescription(),
                ];

                continue;
            }
            try {
                $made = FileMaker::make(
                    $file,
                    $source,
                    $this->out,
                    $worked->lab->maxBytes,
                    fn (int $percent) => ($this->tell)($file->name, $percent),
                );
            } catch (CannotWrite $e) {
                ($this->tell)("{$file->name}: {$e->getMessage()}", null);

                return [...$report, 'error' => $e->getMessage()];
            }
            ($this->tell)("{$file->name}: made, read back", null);
            $report['files'][] = $made->toArray();
        }
        $picture = $this->known($line);
        if (! $dry && $picture instanceof PictureFacts && $source->warnings() > 0) {
            $report['findings'] = self::told($work($this->handed[$picture->name] = $picture->with(warnings: $source->warnings()))); // seen while it was made
        }

        return [...$report, 'made' => ! $dry];
    }

    /** @return list<array<string, mixed>> */
    private static function told(WorkedLine $worked): array
    {
        return array_map(fn (Finding $finding): array => $finding->toArray(), $worked->findings);
    }

    /** The profiles that papers and lines name: they lie beside the pictures. */
    private function shelf(Order $order): ProfileShelf
    {
        $named = array_filter([
            ...array_map(fn (Paper $paper): ?string => $paper->profile, $order->lab->papers),
            ...array_map(fn (Line $line): ?string => $line->output->profile, array_values($order->lines)),
        ]);
        $profiles = [];
        foreach (array_unique($named) as $file) {
            if (basename($file) !== $file || ! is_file($this->path($file))) {
                continue;
            }
            try {
                $profiles[$file] = Handed::profile($this->path($file), $file);
                Profiles::know($profiles[$file], $this->path($file));
            } catch (PictureRefused $e) {
                $profiles[$file] = $e->getMessage();
            }
        }

        return new ProfileShelf($profiles);
    }

    /** What becomes of its colours on its paper; measured where that has a profile, since it takes a while. */
    private function seen(Line $line, Plan $plan, LabCard $lab): ?Seen
    {
        $paper = $lab->paperProfile($line->paper);
        if ($paper === null) {
            return null;
        }
        try {
            return $this->seen["{$plan->hash()} {$paper->sha256}"] ??= SeenOnPaper::measure(
                $plan->shown,
                $paper,
                $this->proxied($plan->shown->placements[0]->picture)[0],
            )->seen;
        } catch (PictureRefused) {
            return null; // it is told when the file is made
        }
    }

    /** Where the weight of a picture lies is only told of panels. */
    private function looked(Line $line, PictureFacts $picture): PictureFacts|PictureTrouble
    {
        try {
            return $line->panels === null ? $picture : $picture->with(contrast: $this->proxied($picture)[1]->contrast);
        } catch (PictureRefused $e) {
            return PictureTrouble::unreadable($picture->name, $e->getMessage());
        }
    }

    /** @return array{string, PictureFacts} @throws PictureRefused */
    private function proxied(PictureFacts $picture): array
    {
        [$name, $sha256] = [$picture->name, $picture->sha256];
        if (! isset($this->proxied[$name])) {
            $proxy = (string) tempnam(sys_get_temp_dir(), 'planisher-proxy-');
            $this->proxied[$name] = [
                $proxy,
                Handed::take($this->path($name), $name, $sha256, ['screen' => ['side' => self::PROXY_SIDE, 'path' => $proxy]], Limits::patient()),
            ];
        }

        return $this->proxied[$name];
    }

    /** Has the next lines' pictures read ahead. @param  list<Line>  $lines */
    private function begin(array $lines, bool $whole): void
    {
        foreach (array_slice($lines, 0, self::AHEAD) as $line) {
            $name = $line->picture;
            if ($name !== null) {
                $this->handed[$name] ??= $this->hand($name, $whole);
            }
        }
    }

    private function hand(string $name, bool $whole): Handed|PictureTrouble
    {
        if (basename($name) !== $name || in_array($name, ['.', '..'], true) || str_contains($name, "\0")) {
            return PictureTrouble::unreadable($name, 'a picture is named by its file name alone, without folders.');
        }
        try {
            return is_file($this->path($name)) ? Handed::begin($this->path($name), $name, $whole) : PictureTrouble::missing($name);
        } catch (PictureRefused $e) {
            return PictureTrouble::unreadable($name, $e->getMessage());
        }
    }

    private function known(Line $line): PictureFacts|PictureTrouble
    {
        $handed = $line->picture === null ? PictureTrouble::none() : $this->handed[$line->picture];
        if (! ($handed instanceof Handed)) {
            return $handed;
        }
        try {
            return $this->handed[(string) $line->picture] = $handed->facts();
        } catch (PictureRefused $e) {
            return $this->handed[(string) $line->picture] = PictureTrouble::unreadable((string) $line->picture, $e->getMessage());
        }
    }

    private function path(string $name): string
    {
        return "{$this->pictures}/{$name}";
    }
}
