<?php

declare(strict_types=1);

namespace Planisher\Lab\Text;

use Planisher\Lab\Extra;

/** Mounts or options of a product, a line or a comma each, and what each adds to the price: `foam board 5 mm +4.50, aluminium`. */
final class Extras
{
    /**
     * @return list<array{name: string, price?: float}> as in the order file
     *
     * @throws CardError at the first that can't be read
     */
    public static function read(string $text): array
    {
        $extras = [];
        foreach (preg_split('/[\r\n;]+|,(?!\d)/', $text) ?: [] as $part) {
            $part = trim($part);
            if ($part === '') {
                continue;
            }
            $isPriced = preg_match('/^(.+?)\s*\+\s*(.+)$/u', $part, $m) === 1;
            $name = trim($isPriced ? $m[1] : $part);
            if (isset($extras[$name])) {
                throw CardError::nameTwice($name);
            }
            $extras[$name] = ['name' => $name] + ($isPriced ? ['price' => Money::read(trim($m[2]))] : []);
        }

        return array_values($extras);
    }

    /** @param  list<Extra>  $extras */
    public static function write(array $extras): string
    {
        return implode(
            ', ',
            array_map(
                fn (Extra $extra): string => $extra->name.($extra->price === null ? '' : ' +'.Money::write($extra->price)),
                $extras,
            ),
        );
    }
}
