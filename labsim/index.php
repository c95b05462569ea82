<?php

declare(strict_types=1);

/**
 * A made-up photo lab, for whoever sends parcels: php -S 127.0.0.1:PORT labsim/index.php. It shares no code with Planisher and
 * knows of it only what docs/lab-protocol.md says. LABSIM_HOME is where it keeps what it gets, LABSIM_KEY the key it is sent with,
 * LABSIM_PACE how many seconds it takes until it prints what it has received.
 */
foreach (['Response', 'Store', 'Moods', 'Uploads', 'Catalogue', 'FileChecks', 'ReceivedParcels', 'LabPage', 'Router'] as $class) {
    require __DIR__."/src/{$class}.php";
}

$store = new LabSim\Store((string) getenv('LABSIM_HOME') ?: sys_get_temp_dir().'/labsim');
$router = new LabSim\Router($store, (string) getenv('LABSIM_KEY'), (int) getenv('LABSIM_PACE'));
$router->open($_SERVER['REQUEST_METHOD'], (string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH))->send();
