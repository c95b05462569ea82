<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Language\Rule\ReadingRule;
use Planisher\Line\Wanted;
use Planisher\Plan\OfFinish;

/**
 * A finish that people order in words of its own.
 *
 * @template-contravariant W of Wanted = Wanted
 * @template-contravariant O of OfFinish|null = OfFinish|null
 *
 * @extends Finish<W, O>
 */
interface SaidInWords extends Finish
{
    /**
     * How people say what is wanted of it.
     *
     * @return list<ReadingRule>
     */
    public function rules(): array;

    /**
     * Words that say by themselves that a picture is made into it: “canvas”.
     *
     * @return list<string>
     */
    public function calledIn(): array;
}
