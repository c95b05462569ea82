<?php

declare(strict_types=1);

namespace App\Views;

use App\Files\PrivateFile;
use App\Pictures\PictureStore;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Planisher\Imaging\Inspect\DrawnIn;

/** Hatching over what is out of gamut. */
final class GamutView implements View
{
    public function __construct(private readonly KeptViews $kept, private readonly PictureStore $pictures) {}

    public function of(ViewedLine $shown, Request $request): Response
    {
        $drawnIn = fn (): DrawnIn => new DrawnIn($shown->plan->shown, $shown->paper, $this->pictures->proxiesOf($shown->plan));
        $path = $this->kept->file("{$shown->onPaper()}-hatched", 'png', fn (string $path) => $drawnIn()->hatch(PreviewView::SIDE, $path));

        return PrivateFile::inline($path, 'image/png');
    }
}
