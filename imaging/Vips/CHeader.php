<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/**
 * What vips.h says of a variadic function: the kinds of its required arguments, and its optional ones by name. C itself
 * takes whatever it is handed there, and reads a whole number as the address of one where a double is meant.
 */
final class CHeader
{
    public const PATH = __DIR__.'/vips.h';

    /** “int vips_resize(VipsImage *in, VipsImage **out, double scale, ...); // int kernel; double vscale” */
    private const VARIADIC = '~^[\w\s*]*?\**\s*(?<name>vips_\w+)\((?<required>[^)]*), \.\.\.\);(?: // (?<optional>.*))?$~m';

    /** @var ?array<string, array{required: list<array{string, string}>, optional: array<string, string>}> */
    private static ?array $functions = null;

    /** @return array<string, array{required: list<array{string, string}>, optional: array<string, string>}> kind and name by function */
    public static function functions(): array
    {
        if (self::$functions === null) {
            preg_match_all(self::VARIADIC, (string) file_get_contents(self::PATH), $found, PREG_SET_ORDER);
            self::$functions = [];
            foreach ($found as $one) {
                $optional = array_filter(explode('; ', $one['optional'] ?? ''));
                self::$functions[$one['name']] = [
                    'required' => array_map(self::declared(...), explode(', ', $one['required'])),
                    'optional' => array_column(array_map(self::declared(...), $optional), 0, 1),
                ];
            }
        }

        return self::$functions;
    }

    /**
     * A call's required arguments, each of its kind.
     *
     * @param  list<mixed>  $given
     * @return list<mixed>
     */
    public static function required(string $function, array $given): array
    {
        $declared = self::of($function)['required'];
        if (count($given) !== count($declared)) {
            throw new \LogicException("{$function} takes ".count($declared).' required arguments, not '.count($given).'.');
        }

        return array_map(fn (mixed $value, array $of): mixed => self::typed($value, $of[0], "{$function}, {$of[1]}"), $given, $declared);
    }

    /**
     * The kind of a call's optional argument, and its value of that kind.
     *
     * @return array{string, mixed}
     */
    public static function optional(string $function, string $name, mixed $given): array
    {
        $kind =
            self::of($function)['optional'][$name] ?? throw new \LogicException("{$function} has no optional argument {$name} in vips.h.");

        return [$kind, self::typed($given, $kind, "{$function}, {$name}")];
    }

    /** @return array{required: list<array{string, string}>, optional: array<string, string>} */
    private static function of(string $function): array
    {
        return self::functions()[$function] ?? throw new \LogicException("{$function} isn’t in vips.h, or isn’t variadic.");
    }

    private static function typed(mixed $value, string $kind, string $where): mixed
    {
        $value = $value instanceof \BackedEnum ? $value->value : $value;
        $isNumber = is_int($value) || is_float($value);
        $isWhole = is_int($value) || is_bool($value) || (is_float($value) && $value === floor($value));

        return match (true) {
            $kind === 'double' && $isNumber => (float) $value,
            in_array($kind, ['int', 'bool'], true) && $isWhole => (int) $value,
            in_array($kind, ['string', 'interpolate', 'const char *'], true) && is_string($value) => $value,
            $kind === 'doubles' && is_array($value) => array_map(
                fn (mixed $one): float => self::typed($one, 'double', $where),
                array_values($value),
            ),
            $kind === 'ints' && is_array($value) => array_map(
                fn (mixed $one): int => self::typed($one, 'int', $where),
                array_values($value),
            ),
            str_ends_with($kind, '*') && $kind !== 'const char *' && $value instanceof \FFI\CData => $value,
            default => throw new \TypeError("{$where}: ".get_debug_type($value)." where {$kind} is meant."),
        };
    }

    /**
     * “const double *a” → kind “const double *”, name “a”
     *
     * @return array{string, string}
     */
    private static function declared(string $parameter): array
    {
        if (preg_match('~^(?<kind>.*?)\s*(?<pointer>\**)(?<name>\w+)$~', $parameter, $of) !== 1) {
            throw new \LogicException("vips.h declares “{$parameter}”, which is no parameter.");
        }

        return [$of['pointer'] === '' ? $of['kind'] : "{$of['kind']} {$of['pointer']}", $of['name']];
    }
}
