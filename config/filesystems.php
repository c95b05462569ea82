<?php

declare(strict_types=1);

// Merged into the framework's own; nothing in storage has an address of its own.
return ['disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true]]];
