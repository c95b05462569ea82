<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Lines\Computation;
use App\Models\Line;
use App\Views\View;
use App\Views\ViewedLine;
use App\Views\Views;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Shows a line one of the ways there are. */
final class ViewController
{
    public function __invoke(Request $request, Computation $computation, Line $line, string $view, string $hash): Response
    {
        /** @var View $shows */
        $shows = app(Views::ALL[$view]);

        return $shows->of(ViewedLine::of($computation->line($line), $hash), $request);
    }
}
