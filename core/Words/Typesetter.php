<?php

declare(strict_types=1);

namespace Planisher\Words;

/** Says how wide a text is in a face. It reads the faces' files, which this folder doesn't. */
interface Typesetter
{
    /** @param  Style  $style  one that the face has */
    public function run(Face $face, Style $style, string $text): Run;
}
