<?php

declare(strict_types=1);

namespace App\Views;

use App\Files\PrivateFile;
use App\Pictures\PictureStore;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Planisher\Imaging\Inspect\Preview;

/** The plan, small. */
final class PreviewView implements View
{
    public const SIDE = 1600;

    public function __construct(private readonly KeptViews $kept, private readonly PictureStore $pictures) {}

    public function of(ViewedLine $shown, Request $request): Response
    {
        return PrivateFile::inline($this->file($shown), 'image/jpeg');
    }

    public function file(ViewedLine $shown): string
    {
        $proxies = fn () => $this->pictures->proxiesOf($shown->plan);

        return $this->kept->file(
            $shown->hash,
            'jpg',
            fn (string $path) => Preview::write($shown->plan->shown, $proxies(), self::SIDE, $path),
        );
    }
}
