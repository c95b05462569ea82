<?php

declare(strict_types=1);

use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

define('LARAVEL_START', microtime(true));
// A process for guests or for previews comes after those for whoever works here (deploy/php-fpm.conf.tpl), once and for all it answers.
$behind = (int) getenv('PLANISHER_BEHIND');
if ($behind > 0 && (int) (explode(' ', (string) strrchr((string) file_get_contents('/proc/self/stat'), ')'))[17] ?? 0) === 0) {
    proc_nice($behind);
}
require __DIR__.'/../vendor/autoload.php';
/** @var Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->handleRequest(Request::capture());
