<?php

declare(strict_types=1);

namespace Planisher\Line;

/** What is cut, folded or joined where the picture goes on, or carries several prints: somebody sees where before it is made. */
interface SeenFirst extends Wanted {}
