<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** Optional arguments in C's way (name, value, name, value, NULL); what had to be made for the call is freed with this object. */
final class Arguments
{
    /** @var list<mixed> */
    private array $flat = [];

    /** @var list<\FFI\CData> */
    private array $areas = [];

    /** @var list<\FFI\CData> */
    private array $objects = [];

    /** @param  array<string, mixed>  $options a list of ints or of floats becomes an array; interpolate is a name */
    public function __construct(array $options)
    {
        foreach ($options as $name => $value) {
            $this->flat[] = $name;
            $this->flat[] = match (true) {
                $name === 'interpolate' => $this->objects[] = Library::get()->vips_interpolate_new($value) ?? throw Library::error('interpolate'),
                is_array($value) => $this->areas[] = self::area($value),
                is_bool($value) => (int) $value,
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

    /** @param  non-empty-list<int|float>  $numbers */
    private static function area(array $numbers): \FFI\CData
    {
        $ffi = Library::get();
        $whole = is_int($numbers[0]);
        $array = $ffi->new(($whole ? 'int[' : 'double[').count($numbers).']');
        foreach ($numbers as $i => $number) {
            $array[$i] = $number;
        }

        return $whole
            ? $ffi->vips_array_int_new($ffi->cast('int*', $array), count($numbers))
            : $ffi->vips_array_double_new($ffi->cast('double*', $array), count($numbers));
    }
}
