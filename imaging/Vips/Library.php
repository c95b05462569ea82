<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/**
 * The loaded libvips. One thread less to think about: its operation cache is off, so memory is freed with the PHP object,
 * and only the loaders of the allowed formats are left on.
 */
final class Library
{
    /** ImageMagick's, by way of libvips; on only while it is asked for by name */
    public const GENERAL_READER = 'VipsForeignLoadMagick';

    private const ALLOWED_LOADERS = ['Jpeg', 'Tiff', 'Png', 'Webp', 'Heif'];

    /** mallopt(3): by default every thread that libvips starts keeps a heap of its own, and with it what was freed in it. */
    private const M_ARENA_MAX = -8;

    private const ARENAS = 1;

    /** GModuleFlags */
    private const BIND_LAZY = 1;

    private static ?\FFI $ffi = null;

    /** @var array<string, true> modules by name */
    private static array $loaded = [];

    private static bool $tellsWarnings = false;

    public static function get(): \FFI
    {
        return self::$ffi ??= self::load();
    }

    /**
     * Calls a variadic function with arguments of the kinds that vips.h gives them.
     *
     * @param  list<mixed>  $required
     * @param  array<string, mixed>  $options
     */
    public static function call(string $function, array $required, array $options = []): mixed
    {
        [$typed, $arguments] = [CHeader::required($function, $required), new Arguments($function, $options)];

        return self::get()->{$function}(...$typed, ...$arguments->flat());
    }

    /** Room for a value of C, to be given by its address. */
    public static function room(string $type): \FFI\CData
    {
        return self::get()->new($type) ?? throw VipsError::noMemory($type);
    }

    /** How many of its decoders' warnings have been kept since it was last asked, or since something failed; of each reading the first. */
    public static function warnings(): int
    {
        $said = (string) self::get()->vips_error_buffer();
        self::get()->vips_error_clear();

        return (int) preg_match_all('/^VipsJpeg: /m', $said);
    }

    /** What its decoders warn of goes to stderr, to be counted; to be said before anything else is. */
    public static function tellWarnings(): void
    {
        self::$tellsWarnings = true;
    }

    /** The most bytes of pixels libvips has held at once in this process. */
    public static function mostMemory(): int
    {
        return self::get()->vips_tracked_get_mem_highwater();
    }

    /** libvips' last words, cleared. */
    public static function error(string $call): VipsError
    {
        $said = trim((string) self::get()->vips_error_buffer());
        self::get()->vips_error_clear();

        return VipsError::inCall($call, $said);
    }

    private static function load(): \FFI
    {
        try {
            $ffi = \FFI::cdef((string) file_get_contents(CHeader::PATH), 'libvips.so.42');
        } catch (\FFI\Exception $e) {
            throw VipsError::notInstalled($e);
        }
        $ffi->mallopt(self::M_ARENA_MAX, self::ARENAS); // before it starts threads
        if (! self::$tellsWarnings) {
            putenv('VIPS_WARNING=0'); // broken metadata warns on stderr; we judge profiles ourselves
        }
        putenv('VIPSHOME=/nowhere'); // so that it finds no modules: most pictures need none, and they take as long to load as all of it
        if ($ffi->vips_init('planisher') !== 0) {
            throw VipsError::notStarted($ffi->vips_error_buffer());
        }
        putenv('VIPSHOME');
        $ffi->vips_cache_set_max(0);
        self::allowKnownLoaders($ffi);

        return $ffi;
    }

    /** Makes ready for a file of a kind whose reader lies in a module. */
    public static function readyFor(string $path): void
    {
        $head = (string) @file_get_contents($path, length: 12);
        if (substr($head, 4, 4) === 'ftyp') {
            self::with(Module::Heif); // ISO/IEC 14496-12, 4.3
        }
    }

    /** Loads a module, once; where libvips was built without modules all is there already. */
    public static function with(Module $module): void
    {
        $ffi = self::get();
        $path = self::modules().'/'.$module->value.'.so';
        if (isset(self::$loaded[$module->value]) || ! is_file($path)) {
            return;
        }
        self::$loaded[$module->value] = true;
        $opened = $ffi->g_module_open($path, self::BIND_LAZY);
        if ($opened !== null) {
            $ffi->g_module_make_resident($opened);
        }
        self::allowKnownLoaders($ffi);
    }

    /** Of libvips: 8.14.1 */
    public static function version(): string
    {
        return self::get()->vips_version(0).'.'.self::get()->vips_version(1).'.'.self::get()->vips_version(2);
    }

    /** Where they lie: beside the library that was loaded, by its version. */
    private static function modules(): string
    {
        preg_match('~^.* (/\S+)/libvips\.so~m', (string) file_get_contents('/proc/self/maps'), $found);

        return ($found[1] ?? '').'/vips-modules-'.self::get()->vips_version(0).'.'.self::get()->vips_version(1);
    }

    private static function allowKnownLoaders(\FFI $ffi): void
    {
        $ffi->vips_operation_block_set('VipsForeignLoad', 1);
        foreach (self::ALLOWED_LOADERS as $loader) {
            $ffi->vips_operation_block_set("VipsForeignLoad{$loader}", 0);
        }
    }
}
