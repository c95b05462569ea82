<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

use Planisher\Imaging\Type\FaceFiles;
use Planisher\Measure\PixelRect;

/**
 * A libvips image: a thin hold on the C object, freed with this one. Calls return new images; nothing is computed
 * until it is written. Every failing call throws VipsError with libvips' own words.
 */
final class Image
{
    /** At which a point of type is a pixel */
    private const PIXELS_AS_POINTS = 72;

    /** @param  list<mixed>  $keep what must live as long as this image does */
    private function __construct(private readonly \FFI\CData $image, private readonly array $keep = []) {}

    public function __destruct()
    {
        Library::get()->g_object_unref($this->image);
    }

    /**
     * @param  bool  $streamed  read once from top to bottom, never held whole
     * @param  int  $shrink  1, 2, 4 or 8: a JPEG is unpacked at that fraction; other kinds take no notice
     * @param  int  $pages  of a TIFF, below each other
     * @param  int  $page  of a TIFF, the first of these, from 0
     * @param  bool  $strict  fail on anything odd in the file, not only on a file that is cut off
     *
     * @throws VipsError
     */
    public static function open(
        string $path,
        bool $streamed = true,
        int $shrink = 1,
        bool $strict = false,
        int $pages = 1,
        int $page = 0,
    ): self {
        Library::readyFor($path);
        $reduce = $shrink > 1 && Library::get()->vips_foreign_find_load($path) === 'VipsForeignLoadJpegFile' ? ['shrink' => $shrink] : [];
        $image = Library::call(
            'vips_image_new_from_file',
            [$path],
            [
                'access' => $streamed,
                'fail_on' => $strict ? FailOn::Warning : FailOn::CutOff,
                ...$reduce,
                ...$pages > 1 ? ['n' => $pages] : [],
                ...$page > 0 ? ['page' => $page] : [],
            ],
        );
        if ($image === null) {
            throw Library::error('open');
        }

        return new self($image);
    }

    /** The picture as it is stored, shrunk while it is decoded to fit a square of so many pixels; whole file read. */
    public static function thumbnail(string $path, int $side): self
    {
        Library::readyFor($path);

        return self::made(
            'thumbnail',
            [$path],
            [$side],
            ['height' => $side, 'size' => ThumbnailSize::OnlySmaller, 'no_rotate' => true, 'fail_on' => FailOn::CutOff],
        );
    }

    /** By the general reader that libvips has for what it doesn't read itself; held whole, 16 bits. */
    public static function openUnusual(string $path, int $page = 0): self
    {
        Library::with(Module::General);
        Library::get()->vips_operation_block_set(Library::GENERAL_READER, 0);
        try {
            $image = self::made('magickload', [$path], [], ['page' => $page]);
        } finally {
            Library::get()->vips_operation_block_set(Library::GENERAL_READER, 1);
        }
        if ($image->format() === BandFormat::Bits16) {
            return $image;
        }
        $deep = $image->run('linear1', [257.0, 0.0])->run('cast', [BandFormat::Bits16]);

        return $deep->as($image->bands() < 3 ? Interpretation::Grey16 : Interpretation::Rgb16);
    }

    /** @param  string  $pixels interleaved, 8 bits a band */
    public static function fromPixels(string $pixels, int $width, int $height, int $bands): self
    {
        $image = Library::get()->vips_image_new_from_memory_copy(
            $pixels,
            strlen($pixels),
            $width,
            $height,
            $bands,
            BandFormat::Bits8->value,
        );

        return $image === null ? throw Library::error('fromPixels') : new self($image);
    }

    /** Three bands of 16 bits, interleaved. */
    public static function fromDeepPixels(string $pixels, int $width, int $height): self
    {
        $image = Library::get()->vips_image_new_from_memory_copy($pixels, strlen($pixels), $width, $height, 3, BandFormat::Bits16->value);

        return $image === null ? throw Library::error('fromDeepPixels') : new self($image);
    }

    /**
     * Three bands of numbers of any kind, interleaved.
     *
     * @param  list<float>  $numbers
     */
    public static function ofFloats(array $numbers, int $width, int $height): self
    {
        $bytes = pack('g*', ...$numbers);
        $image = Library::get()->vips_image_new_from_memory_copy($bytes, strlen($bytes), $width, $height, 3, BandFormat::Float->value);

        return $image === null ? throw Library::error('ofFloats') : new self($image);
    }

    /**
     * One band of whole numbers up to 65 535, row by row.
     *
     * @param  list<int>  $numbers
     */
    public static function ofNumbers(array $numbers, int $width, int $height): self
    {
        $bytes = pack('v*', ...$numbers);
        $image = Library::get()->vips_image_new_from_memory_copy($bytes, strlen($bytes), $width, $height, 1, BandFormat::Bits16->value);

        return $image === null ? throw Library::error('ofNumbers') : new self($image);
    }

    /**
     * A row of one band of numbers of any kind.
     *
     * @param  non-empty-list<float>  $numbers
     */
    public static function row(array $numbers): self
    {
        $bytes = pack('g*', ...$numbers);
        $image = Library::get()->vips_image_new_from_memory_copy($bytes, strlen($bytes), count($numbers), 1, 1, BandFormat::Float->value);

        return $image === null ? throw Library::error('row') : new self($image);
    }

    /**
     * Every pixel's bands put through a matrix.
     *
     * @param  list<list<float>>  $matrix  rows
     */
    public function recombined(array $matrix): self
    {
        $ffi = Library::get();
        $numbers = array_merge(...$matrix);
        $array = self::doubles($numbers);
        $image = $ffi->vips_image_new_matrix_from_array(count($matrix[0]), count($matrix), $ffi->cast('double*', $array), count($numbers));
        $held = $image === null ? throw Library::error('matrix') : new self($image);

        return self::made('recomb', [$this->image], [$held->image], [], [$this, $held]);
    }

    /**
     * Every band by its own factor and plus its own number, rounded to 8 bits.
     *
     * @param  non-empty-list<float>  $factors
     * @param  non-empty-list<float>  $plus
     */
    public function inCodes(array $factors, array $plus): self
    {
        [$ffi, $a, $b] = [Library::get(), self::doubles($factors), self::doubles(array_map(fn (float $one): float => $one + 0.5, $plus))];

        return self::made(
            'linear',
            [$this->image],
            [$ffi->cast('double*', $a), $ffi->cast('double*', $b), count($factors)],
            ['uchar' => true],
            [$this],
        );
    }

    /** @param  list<float>  $numbers */
    private static function doubles(array $numbers): \FFI\CData
    {
        $array = Library::room('double['.count($numbers).']');
        foreach ($numbers as $i => $number) {
            $array[$i] = $number;
        }

        return $array;
    }

    /**
     * One band of grain about 0.
     *
     * @param  float  $sigma in codes
     */
    public static function gaussianNoise(int $width, int $height, float $sigma): self
    {
        return self::made('gaussnoise', [], [$width, $height], ['mean' => 0.0, 'sigma' => $sigma, 'seed' => 1]);
    }

    /**
     * An image of one colour: a part of what lies outside a single pixel.
     *
     * @param  list<float>  $codes  a sample a band
     * @param  int  $bits  8 or 16
     */
    public static function plain(int $width, int $height, array $codes, int $bits = 8): self
    {
        $deep = $bits === 16;

        return self::made('black', [], [1, 1], ['bands' => count($codes)])
            ->run('cast', [$deep ? BandFormat::Bits16 : BandFormat::Bits8])
            ->as(
                count($codes) < 3
                    ? ($deep
                        ? Interpretation::Grey16
                        : Interpretation::Grey)
                    : ($deep
                        ? Interpretation::Rgb16
                        : Interpretation::Srgb),
            )
            ->run('embed', [$width, $height, 2 * $width, 2 * $height], ['extend' => Extend::Background, 'background' => $codes])
            ->cut(PixelRect::ofSize($width, $height));
    }

    /**
     * The letters of one line in one band, 8 bits, cut to what is inked; how far that lies from the line's left top is its offset.
     *
     * @param  string  $font  as fontconfig finds it
     * @param  string  $file  that it is in
     * @param  float  $size  an em in pixels
     * @return ?self null where there is nothing to ink
     */
    public static function text(string $text, string $font, string $file, float $size): ?self
    {
        if (trim(preg_replace('/\p{Cf}/u', '', $text) ?? '') === '') {
            return null;
        }
        $before = getenv('FONTCONFIG_FILE');
        putenv('FONTCONFIG_FILE='.FaceFiles::FONTCONFIG);
        try {
            return self::made(
                'text',
                [],
                [htmlspecialchars($text, ENT_NOQUOTES | ENT_XML1)], // Pango's markup
                ['font' => sprintf('%s %.3f', $font, $size), 'fontfile' => $file, 'dpi' => self::PIXELS_AS_POINTS],
            );
        } finally {
            putenv($before === false ? 'FONTCONFIG_FILE' : "FONTCONFIG_FILE={$before}");
        }
    }

    /** A part of it. */
    public function cut(PixelRect $part): self
    {
        return $this->run('crop', [$part->x, $part->y, $part->width, $part->height]);
    }

    /** This image with another laid over it. */
    public function inserted(self $other, int $x, int $y): self
    {
        return self::made('insert', [$this->image, $other->image], [$x, $y], [], [$this, $other]);
    }

    /** This image with another to the right of it. */
    public function beside(self $right): self
    {
        return self::made('join', [$this->image, $right->image], [Direction::Across], [], [$this, $right]);
    }

    /** This image with another below it. */
    public function over(self $below): self
    {
        return self::made('join', [$this->image, $below->image], [Direction::Down], [], [$this, $below]);
    }

    /** This image as the first page, another of its size as the second; for a kind of file that has pages. */
    public function above(self $next): self
    {
        return $this->over($next)->run('copy')->metadata()->set(Metadata::PAGE_HEIGHT, $this->height());
    }

    /** Sample by sample the larger of both. */
    public function orLarger(self $other): self
    {
        $isLarger = self::made('relational', [$this->image, $other->image], [Relation::More], [], [$this, $other]);

        return self::made('ifthenelse', [$isLarger->image, $this->image, $other->image], [], [], [$isLarger, $this, $other]);
    }

    /**
     * Another laid over this one as far as a mask of 8 bits lets it be seen. Where the mask is empty this is passed on as it is;
     * nothing of it is taken twice, so that it may be a stream.
     *
     * @param  self  $colours  as large as the mask
     */
    public function covered(self $mask, self $colours, int $x, int $y): self
    {
        [$width, $height] = [$this->width(), $this->height()];

        return $mask->run('embed', [$x, $y, $width, $height])->mixing($colours->run('embed', [$x, $y, $width, $height]), $this);
    }

    /** This image as a mask of 8 bits: so much of one image, the rest of another. */
    public function mixing(self $of, self $rest): self
    {
        return self::made('ifthenelse', [$this->image, $of->image, $rest->image], [], ['blend' => true], [$this, $of, $rest]);
    }

    /** This image's bands, and behind them another's. */
    public function joined(self $bands): self
    {
        return self::made('bandjoin2', [$this->image, $bands->image], [], [], [$this, $bands]);
    }

    /** The distance of two Lab images' colours, ΔE*ab (CIE 1976). */
    public function colourDistance(self $other): self
    {
        return self::made('dE76', [$this->image, $other->image], [], [], [$this, $other]);
    }

    /** Every sample looked up in a row of them. */
    public function mapped(self $table): self
    {
        return self::made('maplut', [$this->image], [$table->image], [], [$this, $table]);
    }

    /** Sample by sample the sum of both, in 8 bits; one band is added to each of three. */
    public function plus(self $other): self
    {
        return self::made('add', [$this->image, $other->image], [], [], [$this, $other])->run('cast', [BandFormat::Bits8]);
    }

    /**
     * Runs an image-to-image operation by its libvips name.
     *
     * @param  list<int|float|string|\BackedEnum>  $arguments  the required ones after the output
     * @param  array<string, mixed>  $options  the optional ones by name
     *
     * @throws VipsError
     */
    public function run(string $operation, array $arguments = [], array $options = []): self
    {
        return self::made($operation, [$this->image], $arguments, $options, [$this]);
    }

    /**
     * Writes the image to a file with a saver, e.g. jpegsave.
     *
     * @param  array<string, mixed>  $options
     *
     * @throws VipsError
     */
    public function save(string $saver, string $path, array $options): void
    {
        if (Library::call("vips_{$saver}", [$this->image, $path], $options) !== 0) {
            throw Library::error($saver);
        }
    }

    /**
     * Writes the image into a new file, some bytes from its beginning, for others to be written there.
     *
     * @param  array<string, mixed>  $options
     *
     * @throws VipsError
     */
    public function saveFrom(int $offset, string $saver, string $path, array $options): void
    {
        $ffi = Library::get();
        $file = $ffi->creat($path, 0o666);
        if ($file < 0) {
            throw VipsError::fileNotMade($saver);
        }
        try {
            $ffi->lseek($file, $offset, 0);
            $target = $ffi->vips_target_new_to_descriptor($file) ?? throw Library::error('target');
            $failed = Library::call("vips_{$saver}_target", [$this->image, $target], $options);
            $ffi->g_object_unref($target);
        } finally {
            $ffi->close($file);
        }
        if ($failed !== 0) {
            throw Library::error($saver);
        }
    }

    /** All pixels computed now and held in memory, or in a file that is deleted with this image when they are many. */
    public function held(int $mostBytesInMemory): self
    {
        $ffi = Library::get();
        $bytes = $this->width() * $this->height() * $this->bands() * $this->format()->bytes();
        if ($bytes <= $mostBytesInMemory) {
            $held = $ffi->vips_image_copy_memory($this->image);

            return $held === null ? throw Library::error('copy_memory') : new self($held);
        }
        $held = $ffi->vips_image_new_temp_file('%s.v');
        if ($held === null || $ffi->vips_image_write($this->image, $held) !== 0) {
            throw Library::error('temp_file');
        }

        return new self($held);
    }

    /**
     * The same begun at once, while this process goes on; many pixels are computed when they are asked for.
     *
     * @return \Closure(): self waits for it
     */
    public function heldSoon(int $mostBytesInMemory): \Closure
    {
        if ($this->width() * $this->height() * $this->bands() * $this->format()->bytes() > $mostBytesInMemory) {
            return fn (): self => $this->held($mostBytesInMemory);
        }
        $holding = new Holding($this, $this->image);

        return fn (): self => new self($holding->wait());
    }

    /** Calls back with 0 to 100 while this image's pixels are computed; made for the image that is saved. */
    public function onProgress(callable $told): void
    {
        Progress::of($this->image, $told(...));
    }

    public function width(): int
    {
        return Library::get()->vips_image_get_width($this->image);
    }

    public function height(): int
    {
        return Library::get()->vips_image_get_height($this->image);
    }

    /** Where this image's origin lies: minus the left edge of a part that was cut out. */
    public function offsetX(): int
    {
        return Library::get()->vips_image_get_xoffset($this->image);
    }

    public function offsetY(): int
    {
        return Library::get()->vips_image_get_yoffset($this->image);
    }

    public function bands(): int
    {
        return Library::get()->vips_image_get_bands($this->image);
    }

    public function format(): BandFormat
    {
        return BandFormat::from(Library::get()->vips_image_get_format($this->image));
    }

    public function interpretation(): Interpretation
    {
        return Interpretation::from(Library::get()->vips_image_get_interpretation($this->image));
    }

    /** The same samples, said to stand for something else. */
    public function as(Interpretation $interpretation): self
    {
        return $this->run('copy', options: ['interpretation' => $interpretation]);
    }

    public function hasAlpha(): bool
    {
        return Library::get()->vips_image_hasalpha($this->image) !== 0;
    }

    public function metadata(): Metadata
    {
        return new Metadata($this, $this->image);
    }

    /** The same pixels, said to be in the colours of a profile. */
    public function withProfile(string $bytes): self
    {
        return $this->run('copy')->metadata()->set(Metadata::PROFILE, $bytes);
    }

    public function withoutProfile(): self
    {
        return $this->run('copy')->metadata()->remove(Metadata::PROFILE);
    }

    /** A copy without the metadata that is not about colour. */
    public function withoutMetadata(): self
    {
        return $this->run('copy')->metadata()->remove(...$this->metadata()->notOfColour());
    }

    /** The mean of all samples; decodes every pixel. */
    public function mean(): float
    {
        $out = Library::room('double');
        if (Library::call('vips_avg', [$this->image, \FFI::addr($out)]) !== 0) {
            throw Library::error('avg');
        }

        return $out->cdata;
    }

    /** All samples, interleaved, as bytes. */
    public function pixels(): string
    {
        $ffi = Library::get();
        $size = Library::room('size_t');
        $data = $ffi->vips_image_write_to_memory($this->image, \FFI::addr($size));
        if ($data === null) {
            throw Library::error('write_to_memory');
        }
        $bytes = \FFI::string($data, $size->cdata);
        $ffi->g_free($data);

        return $bytes;
    }

    /**
     * @param  list<mixed>  $before  arguments before the output
     * @param  list<mixed>  $after  arguments after it
     * @param  array<string, mixed>  $options
     * @param  list<mixed>  $keep
     */
    private static function made(string $operation, array $before, array $after, array $options, array $keep = []): self
    {
        $out = Library::room('VipsImage*');
        if (Library::call("vips_{$operation}", [...$before, \FFI::addr($out), ...$after], $options) !== 0) {
            throw Library::error($operation);
        }

        return new self($out, $keep);
    }
}
