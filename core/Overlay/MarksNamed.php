<?php

declare(strict_types=1);

namespace Planisher\Overlay;

/** The marks that a line asks for, its prints on shared sheets included. */
final class MarksNamed
{
    /**
     * @param  array<mixed>  $wanted  a line in its order-file form
     * @return list<string> the names of their files, each once
     */
    public static function in(array $wanted): array
    {
        $named = [];
        foreach ($wanted as $key => $value) {
            if ($key === 'overlays') {
                $named = [...$named, ...array_column($value, 'picture')];
            } elseif (is_array($value)) {
                $named = [...$named, ...self::in($value)];
            }
        }

        return array_values(array_unique($named));
    }
}
