<?php

declare(strict_types=1);

return ['cookie' => 'planisher_session', 'same_site' => 'strict', 'lifetime' => 60 * 24 * 7];
