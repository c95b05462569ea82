<?php

declare(strict_types=1);

namespace App\Views;

use App\Files\PrivateFile;
use App\Pictures\PictureStore;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Planisher\Imaging\Child\Child;
use Planisher\Imaging\Child\Limits;
use Planisher\Imaging\ReadingTask;

/** A part of the file itself, a pixel for a pixel, about a place in fractions of it. */
final class PixelsView implements View
{
    /** How many places a side that a part can be asked for about, and the step of its sides in pixels. */
    private const PLACES = 200;

    private const STEP = 20;

    public function __construct(private readonly KeptViews $kept, private readonly PictureStore $pictures) {}

    public function of(ViewedLine $shown, Request $request): Response
    {
        $given = $request->validate([
            'x' => ['required', 'numeric', 'between:0,1'],
            'y' => ['required', 'numeric', 'between:0,1'],
            'width' => ['required', 'integer', 'between:1,2400'],
            'height' => ['required', 'integer', 'between:1,1600'],
        ]);
        $originals = $this->pictures->originalsOf($shown->plan);
        // Rounded, so that what is asked for by dragging is kept a few times and not at every pixel.
        $part = [
            'x' => round((float) $given['x'] * self::PLACES) / self::PLACES,
            'y' => round((float) $given['y'] * self::PLACES) / self::PLACES,
            'width' => (int) ceil((int) $given['width'] / self::STEP) * self::STEP,
            'height' => (int) ceil((int) $given['height'] / self::STEP) * self::STEP,
        ];
        $given =
            [
                'file' => $shown->plan->shown,
                'paths' => $originals,
                'profiles' => $this->pictures->profiles->pathsOf($shown->plan->shown->encoding->target()),
            ] + $part;
        $path = $this->kept->file(
            'one-'.hash('sha256', $shown->hash.json_encode($part)),
            'jpg',
            fn (string $path) => Child::run(ReadingTask::OneToOne, $given + ['to' => $path], Limits::asked()),
        );

        return PrivateFile::inline($path, 'image/jpeg');
    }
}
