<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\ProfileShelf;
use Planisher\Finding\Finding;
use Planisher\Imaging\Child\Limits;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\Files\CannotWrite;
use Planisher\Imaging\Inspect\LossOnPaper;
use Planisher\Imaging\Sources\Decoded;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Type\HarfBuzz;
use Planisher\Imaging\Vips\Library;
use Planisher\Lab\LabCard;
use Planisher\Lab\Paper;
use Planisher\Line\LineSpec;
use Planisher\Naming\NameBook;
use Planisher\Order\OrderSpec;
use Planisher\Order\WorkedLine;
use Planisher\Overlay\MarksNamed;
use Planisher\Picture\ColourLoss;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureRefused;
use Planisher\Picture\PictureTrouble;
use Planisher\Plan\Plan;
use Planisher\Plan\PlannedFile;
use Planisher\Studio\OrderContext;

/** Makes all files of an order file from a folder of pictures into another, line by line; a stopped line does not stop the others. */
final class OrderMaker
{
    private const PROXY_SIDE = 1024;

    public const FOR_SCREENS = 'screen';

    /** Pictures that are read at once: this one's and the next line's. */
    private const AHEAD = 2;

    /** @var array<string, IntakeReader> by name; pictures that a second reader reads while files are made of them */
    private array $reading = [];

    /** @var array<string, IntakeReader|PictureFacts|PictureTrouble> by name; each picture is read once */
    private array $handed = [];

    /** @var array<string, array{string, PictureFacts}> a proxy and what was seen in it, by name */
    private array $proxied = [];

    /** @var array<string, ColourLoss> by plan and paper */
    private array $seen = [];

    /** Lines of one picture come one after the other */
    private ?Decoded $decoded = null;

    /** @param  \Closure(string, ?int): void  $tell */
    public function __construct(
        private readonly string $pictures,
        private readonly string $out,
        private readonly \Closure $tell,
        private readonly Profiles $profiles = new Profiles(),
    ) {}

    /**
     * @param  ?list<int>  $only  the numbers of the lines; null for all
     * @return list<array<string, mixed>> per line: number, made, findings, files and, when it failed, error
     */
    public function run(OrderSpec $order, bool $dry, ?array $only = null): array
    {
        $lines = $only === null ? $order->lines : array_intersect_key($order->lines, array_flip($only));
        $this->decoded = count($lines) > 1 ? new Decoded() : null;
        $this->begin(array_values($lines), $dry);
        Library::get(); // loaded while the first picture is read
        $lab = $order->lab->knowing($this->shelf($order));
        foreach ($lab->disagreements() as $said) {
            ($this->tell)("lab card: {$said}", null);
        }
        $names = NameBook::names($order->head, $lab, $order->lines);
        $orderContext = new OrderContext($order->head, $this->marks($lines), new HarfBuzz());
        $report = [];
        try {
            foreach ($lines as $number => $line) {
                $this->begin(array_slice($lines, count($report), preserve_keys: false), $dry);
                $marked = fn (PictureFacts|PictureTrouble $picture): PictureFacts|PictureTrouble => match (true) {
                    $picture instanceof PictureTrouble => $picture,
                    ($order->sums[$picture->name] ?? $picture->sha256) !== $picture->sha256 => PictureTrouble::other($picture->name),
                    default => $this->weighed($line, $picture->with(mustStayIn: $order->mustStayIn[$picture->name] ?? [])),
                };
                $work = fn (array $pictures): WorkedLine => WorkedLine::work(
                    $line,
                    array_values(array_map($marked, $pictures)),
                    $lab,
                    $names[$number],
                    fn (Plan $plan): ?ColourLoss => $this->seen($line, $plan, $lab),
                    $orderContext,
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
     * @param  callable(list<PictureFacts|PictureTrouble>): WorkedLine  $work
     * @return array<string, mixed>
     */
    private function line(LineSpec $line, callable $work, bool $dry): array
    {
        $worked = $work($this->known($line));
        $report = ['made' => false, 'findings' => self::told($worked), 'files' => []];
        if ($worked->isStopped() || $worked->plan === null) {
            ($this->tell)("{$worked->name}: stopped. {$worked->worst()->inWords()}", null);

            return $report;
        }
        $paths = [];
        foreach ([...$worked->facts(), ...Sources::marksIn($worked->plan->shown, ...$worked->plan->all())] as $picture) {
            $paths[$picture->sha256] = $this->path($picture->name);
        }
        $originals = Sources::originals($paths, $worked->plan->all(), $this->profiles, $this->decoded);
        if ($dry) {
            return [...$report, 'files' => array_map(self::planned(...), $worked->plan->all())];
        }
        $error = $this->files($worked->plan, $originals, $worked->lab->maxBytes, $report['files']);
        if ($error !== null) {
            return [...$report, 'error' => $error];
        }
        if ($this->stumbled($worked, $originals)) {
            $report['findings'] = self::told($work($this->known($line))); // seen while it was made
        }

        return [...$report, 'made' => true];
    }

    /**
     * Makes a line's files; each is read back while the next one is written.
     *
     * @param  list<array<string, mixed>>  $made  gets what was made
     * @return ?string why one can't be; those before it stay made
     */
    private function files(Plan $plan, Sources $originals, ?int $maxBytes, array &$made): ?string
    {
        $written = null;
        foreach ($plan->all() as $file) {
            try {
                $next = FileMaker::begin(
                    $file,
                    $originals,
                    $file->isForScreen ? "{$this->out}/".self::FOR_SCREENS : $this->out,
                    $file->isForScreen ? null : $maxBytes,
                    fn (int $percent) => ($this->tell)($file->name, $percent),
                );
            } catch (CannotWrite $e) {
                $this->ended($written, $made);

                return $this->failed($file, $e);
            }
            $error = $this->ended($written, $made);
            if ($error !== null) {
                return $error;
            }
            $written = $next;
        }

        return $this->ended($written, $made);
    }

    /** @param  list<array<string, mixed>>  $made */
    private function ended(?WrittenFile $written, array &$made): ?string
    {
        try {
            if ($written !== null) {
                $made[] = $written->end()->toArray() + self::whereFor($written->file);
                ($this->tell)("{$written->file->name}: made, read back", null);
            }

            return null;
        } catch (CannotWrite $e) {
            return $this->failed($written->file, $e);
        }
    }

    private function failed(PlannedFile $file, CannotWrite $e): string
    {
        ($this->tell)("{$file->name}: {$e->getMessage()}", null);

        return $e->getMessage();
    }

    /** @return array<string, mixed> a file as a dry run tells it */
    private static function planned(PlannedFile $file): array
    {
        return [
            'name' => $file->name,
            'width' => $file->width,
            'height' => $file->height,
            'ppi' => round($file->resolution->ppi(), 3),
            'profile' => $file->encoding->profileDescription(),
        ] + self::whereFor($file);
    }

    /** @return array<string, string> the folder of what is for a screen; it lies apart from the lab's files */
    private static function whereFor(PlannedFile $file): array
    {
        return $file->isForScreen ? ['folder' => self::FOR_SCREENS] : [];
    }

    /** Whether a decoder warned of a picture while files were made of it, which is then known of it. */
    private function stumbled(WorkedLine $worked, Sources $originals): bool
    {
        $stumbled = false;
        foreach ($worked->facts() as $picture) {
            $reading = $this->reading[$picture->name] ?? null;
            unset($this->reading[$picture->name]);
            $warnings = max($originals->warnings($picture), $reading?->warnings() ?? 0);
            if ($warnings > $picture->warnings) {
                $this->handed[$picture->name] = $picture->with(warnings: $warnings);
                $stumbled = true;
            }
        }

        return $stumbled;
    }

    /** @return list<array<string, mixed>> */
    private static function told(WorkedLine $worked): array
    {
        return array_map(fn (Finding $finding): array => $finding->toArray(), $worked->findings);
    }

    /** The profiles that papers and lines name: they lie beside the pictures. */
    private function shelf(OrderSpec $order): ProfileShelf
    {
        $named = array_filter([
            ...array_map(fn (Paper $paper): ?string => $paper->profile, $order->lab->papers),
            ...array_map(fn (LineSpec $line): ?string => $line->output->profile, array_values($order->lines)),
        ]);
        $profiles = [];
        foreach (array_unique($named) as $file) {
            if (basename($file) !== $file || ! is_file($this->path($file))) {
                continue;
            }
            try {
                $profiles[$file] = IntakeReader::profile($this->path($file), $file);
                $this->profiles->know($profiles[$file], $this->path($file));
            } catch (PictureRefused $e) {
                $profiles[$file] = $e->getMessage();
            }
        }

        return new ProfileShelf($profiles);
    }

    /**
     * The studio's marks that lines name: they lie beside the pictures.
     *
     * @param  array<int, LineSpec>  $lines
     * @return array<string, PictureFacts|string>
     */
    private function marks(array $lines): array
    {
        $marks = [];
        foreach ($lines as $line) {
            foreach (MarksNamed::in($line->toArray()) as $name) {
                $marks[$name] ??= $this->mark($name);
            }
        }

        return array_filter($marks, fn (PictureFacts|string|null $mark): bool => $mark !== null);
    }

    private function mark(string $name): PictureFacts|string|null
    {
        if (basename($name) !== $name || ! is_file($this->path($name))) {
            return null;
        }
        try {
            return IntakeReader::mark($this->path($name), $name);
        } catch (PictureRefused $e) {
            return $e->getMessage();
        }
    }

    /** What becomes of its colours on its paper; measured where that has a profile, since it takes a while. */
    private function seen(LineSpec $line, Plan $plan, LabCard $lab): ?ColourLoss
    {
        $paper = $lab->paperProfile($line->paper);
        if ($paper === null) {
            return null;
        }
        try {
            return $this->seen["{$plan->hash()} {$paper->sha256}"] ??= LossOnPaper::measure(
                $plan->shown,
                $paper,
                Sources::proxies($this->proxiesOf($plan), $this->profiles),
            )->loss;
        } catch (PictureRefused) {
            return null; // it is told when the file is made
        }
    }

    /**
     * @return array<string, string> paths by checksum
     *
     * @throws PictureRefused
     */
    private function proxiesOf(Plan $plan): array
    {
        $paths = [];
        foreach (Sources::in($plan->shown) as $picture) {
            $paths[$picture->sha256] = $this->proxied($picture)[0];
        }
        foreach (Sources::marksIn($plan->shown) as $mark) {
            $paths[$mark->sha256] = $this->path($mark->name);
        }

        return $paths;
    }

    /** Where the weight of a picture lies is only told of what hangs on a wall. */
    private function weighed(LineSpec $line, PictureFacts $picture): PictureFacts|PictureTrouble
    {
        try {
            return ! $line->isForTheWall() ? $picture : $picture->with(contrast: $this->proxied($picture)[1]->contrast);
        } catch (PictureRefused $e) {
            return PictureTrouble::unreadable($picture->name, $e->getMessage());
        }
    }

    /**
     * @return array{string, PictureFacts}
     *
     * @throws PictureRefused
     */
    private function proxied(PictureFacts $picture): array
    {
        [$name, $sha256] = [$picture->name, $picture->sha256];
        if (! isset($this->proxied[$name])) {
            $proxy = (string) tempnam(sys_get_temp_dir(), 'planisher-proxy-');
            $this->proxied[$name] = [
                $proxy,
                IntakeReader::take(
                    $this->path($name),
                    $name,
                    $sha256,
                    ['screen' => ['side' => self::PROXY_SIDE, 'path' => $proxy]],
                    Limits::patient(),
                ),
            ];
        }

        return $this->proxied[$name];
    }

    /**
     * Has the next lines' pictures read ahead.
     *
     * @param  list<LineSpec>  $lines
     */
    private function begin(array $lines, bool $whole): void
    {
        foreach (array_slice($lines, 0, self::AHEAD) as $line) {
            foreach (array_filter($line->pictures(), is_string(...)) as $name) {
                $this->handed[$name] ??= $this->hand($name, $whole);
            }
        }
    }

    private function hand(string $name, bool $whole): IntakeReader|PictureTrouble
    {
        if (basename($name) !== $name || in_array($name, ['.', '..'], true) || str_contains($name, "\0")) {
            return PictureTrouble::unreadable($name, 'a picture is named by its file name alone, without folders.');
        }
        try {
            return is_file($this->path($name)) ? IntakeReader::begin($this->path($name), $name, $whole) : PictureTrouble::missing($name);
        } catch (PictureRefused $e) {
            return PictureTrouble::unreadable($name, $e->getMessage());
        }
    }

    /** @return list<PictureFacts|PictureTrouble> of the line's places */
    private function known(LineSpec $line): array
    {
        return array_map(
            fn (?string $name): PictureFacts|PictureTrouble => $name === null ? PictureTrouble::none() : $this->knownAs($name),
            array_values($line->pictures()),
        );
    }

    private function knownAs(string $name): PictureFacts|PictureTrouble
    {
        $handed = $this->handed[$name];
        if (! ($handed instanceof IntakeReader)) {
            return $handed;
        }
        try {
            $this->handed[$name] = $handed->facts();
            $handed->whole || ($this->reading[$name] = $handed);

            return $this->handed[$name];
        } catch (PictureRefused $e) {
            return $this->handed[$name] = PictureTrouble::unreadable($name, $e->getMessage());
        }
    }

    private function path(string $name): string
    {
        return "{$this->pictures}/{$name}";
    }
}
