<?php

declare(strict_types=1);

namespace Planisher\Imaging\Child;

use Planisher\Picture\PictureRefused;

/** What a process of its own can be asked to do. What goes in and comes out is plain data; which tasks there are, others say. */
interface Task extends \BackedEnum
{
    /**
     * @param  array<string, mixed>  $given
     * @return iterable<array<string, mixed>>
     *
     * @throws PictureRefused
     */
    public function do(array $given): iterable;
}
