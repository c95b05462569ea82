<?php

declare(strict_types=1);

namespace Planisher\Line;

/** What is wanted of a finish that has other pictures than its line’s own. */
interface OfSeveralPictures extends Wanted
{
    /**
     * The names of its pictures, place by place.
     *
     * @param  ?string  $picture  the line's own
     * @return non-empty-list<?string> null where none is chosen
     */
    public function pictures(?string $picture): array;
}
