<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\ProfileShelf;
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

    /** @var array<string, PictureFacts|PictureTrouble> by name; each picture is measured once */
    private array $measured = [];

    /** @param  \Closure(string, ?int): void  $tell */
    public function __construct(private readonly string $pictures, private readonly string $out, private readonly \Closure $tell) {}

    /**
     * @return list<array<string, mixed>> per line: number, made, findings, files and, when it failed, error
     */
    public function run(Order $order, bool $dry): array
    {
        $lab = $order->lab->knowing($this->shelf($order));
        foreach ($lab->disagreements() as $said) {
            ($this->tell)("lab card: {$said}", null);
        }
        $names = NameBook::names($order->head, $lab, $order->lines);
        $report = [];
        foreach ($order->lines as $number => $line) {
            $picture = $this->measure($line);
            if ($picture instanceof PictureFacts) {
                $picture = $this->looked($line, $picture->with(mustStayIn: $order->mustStayIn[$picture->name] ?? []));
            }
            $worked = WorkedLine::work($line, $picture, $lab, $names[$number], fn (Plan $plan): ?Seen => $this->seen($line, $plan, $lab));
            $report[] = ['number' => $number, ...$this->line($worked, $dry)];
        }

        return $report;
    }

    /** @return array<string, mixed> */
    private function line(WorkedLine $worked, bool $dry): array
    {
        $report = ['made' => false, 'findings' => array_map(fn ($finding): array => $finding->toArray(), $worked->findings), 'files' => []];
        if ($worked->isStopped() || $worked->plan === null) {
            ($this->tell)("{$worked->name}: stopped. {$worked->worst()->title}. {$worked->worst()->text}", null);

            return $report;
        }
        $source = Source::forFiles($this->path((string) $worked->line->picture), $worked->plan->files);
        foreach ($worked->plan->files as $file) {
            if ($dry) {
                $report['files'][] = ['name' => $file->name, 'width' => $file->width, 'height' => $file->height, 'ppi' => round($file->resolution->ppi(), 3), 'profile' => $file->encoding->profileDescription()];

                continue;
            }
            try {
                $made = FileMaker::make($file, $source, $this->out, $worked->lab->maxBytes, fn (int $percent) => ($this->tell)($file->name, $percent));
            } catch (CannotWrite $e) {
                ($this->tell)("{$file->name}: {$e->getMessage()}", null);

                return [...$report, 'error' => $e->getMessage()];
            }
            ($this->tell)("{$file->name}: made, read back", null);
            $report['files'][] = $made->toArray();
        }

        return [...$report, 'made' => ! $dry];
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
                $profiles[$file] = ProfileReader::read($this->path($file), $file);
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
        $picture = $plan->shown->placements[0]->picture;
        $proxy = (string) tempnam(sys_get_temp_dir(), 'planisher-proxy-');
        try {
            Proxy::write($this->path($picture->name), $picture, self::PROXY_SIDE, $proxy);

            return SeenOnPaper::measure($plan->shown, $paper, $proxy)->seen;
        } catch (PictureRefused) {
            return null; // it is told when the file is made
        } finally {
            @unlink($proxy);
        }
    }

    /** Where the weight of a picture lies is only told of panels. */
    private function looked(Line $line, PictureFacts $picture): PictureFacts|PictureTrouble
    {
        try {
            return $line->panels === null ? $picture : $picture->with(contrast: Looked::contrast($this->path($picture->name)));
        } catch (PictureRefused $e) {
            return PictureTrouble::unreadable($picture->name, $e->getMessage());
        }
    }

    private function measure(Line $line): PictureFacts|PictureTrouble
    {
        $name = $line->picture;
        if ($name === null) {
            return PictureTrouble::none();
        }

        return $this->measured[$name] ??= match (true) {
            basename($name) !== $name || in_array($name, ['.', '..'], true) || str_contains($name, "\0") => PictureTrouble::unreadable($name, 'a picture is named by its file name alone, without folders.'),
            ! is_file($this->path($name)) => PictureTrouble::missing($name),
            default => $this->read($name),
        };
    }

    private function read(string $name): PictureFacts|PictureTrouble
    {
        try {
            return PictureReader::read($this->path($name), $name);
        } catch (PictureRefused $e) {
            return PictureTrouble::unreadable($name, $e->getMessage());
        }
    }

    private function path(string $name): string
    {
        return "{$this->pictures}/{$name}";
    }
}
