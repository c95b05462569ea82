<?php

declare(strict_types=1);

namespace Planisher\Line;

/** What is wanted of a finish for a wall: from where it is looked at decides how many pixels are enough, not the lab’s least. */
interface ForTheWall extends Wanted {}
