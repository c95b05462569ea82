<?php

declare(strict_types=1);

namespace App\Views;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Something of a line to look at. */
interface View
{
    public function of(ViewedLine $shown, Request $request): Response;
}
