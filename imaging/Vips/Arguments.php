<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/**
 * Optional arguments in C's way (name, value, name, value, NULL), each of the kind vips.h gives it. What had to be made
 * for the call is freed with this object.
 */
final class Arguments
{
    /** @var list<mixed> */
    private array $flat = [];

    /** @var list<\FFI\CData> */
    private array $areas = [];

    /** @var list<\FFI\CData> */
    private array $objects = [];

    /** @param  array<string, mixed>  $options  by name; interpolate is a name, too */
    public function __construct(string $function, array $options)
    {
        foreach ($options as $name => $given) {
            [$kind, $value] = CHeader::optional($function, $name, $given);
            $this->flat[] = $name;
            $this->flat[] = match ($kind) {
                'interpolate' => ($this->objects[] = Library::get()->vips_interpolate_new($value) ?? throw Library::error('interpolate')),
                'ints', 'doubles' => ($this->areas[] = self::area($value, $kind === 'ints')),
                default => $value,
            };
        }
        $this->flat[] = null;
    }

    public function __destruct()
    {
        array_map(fn (\FFI\CData $area) => Library::get()->vips_area_unref($area), $this->areas);
        array_map(fn (\FFI\CData $object) => Library::get()->g_object_unref($object), $this->objects);
    }

    /** @return list<mixed> */
    public function flat(): array
    {
        return $this->flat;
    }

    /** @param  list<int|float>  $numbers */
    private static function area(array $numbers, bool $whole): \FFI\CData
    {
        $ffi = Library::get();
        $array = Library::room(($whole ? 'int[' : 'double[').max(1, count($numbers)).']');
        foreach ($numbers as $i => $number) {
            $array[$i] = $number;
        }

        return $whole
            ? $ffi->vips_array_int_new($ffi->cast('int*', $array), count($numbers))
            : $ffi->vips_array_double_new($ffi->cast('double*', $array), count($numbers));
    }
}
