<?php

declare(strict_types=1);

namespace Planisher\Line;

/** What is wanted of a finish that no lab prints: it never goes there. */
interface ForScreens extends Wanted {}
