<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\CannotKeep;
use App\Files\PrivateFile;
use App\Lines\LeftOut;
use App\Lines\OrderTitle;
use App\Making\Altered;
use App\Making\Leaving;
use App\Making\MakeView;
use App\Making\Making;
use App\Making\PackZip;
use App\Making\Started;
use App\Making\Zip;
use App\Models\MadeFile;
use App\Models\Make;
use App\Models\Order;
use App\Studio\MarkStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Planisher\Overlay\MarksNamed;
use Planisher\State\FileState;
use Planisher\State\LineState;
use Planisher\State\SetState;

final class MakeController
{
    public function __construct(private readonly Making $making, private readonly Leaving $leaving, private readonly Zip $zip) {}

    public function index(Order $order, MakeView $view, LeftOut $left): JsonResponse
    {
        $makes = $order->makes()->with('files.line')->get();
        $makes->each(fn (Make $make) => PackZip::unlessReady($make, $this->zip));

        return response()->json([
            'order' => OrderTitle::of($order),
            'makes' => $makes->map($view->of(...))->all(),
            'leftOut' => $left->of($order),
        ]);
    }

    public function store(Request $request, Order $order): JsonResponse
    {
        $request->validate(['lines' => ['nullable', 'array'], 'lines.*' => ['integer']]);
        $started = $this->making->start($order, self::chosen($request));

        return self::told($started, $started->stopped[0] ?? self::nothing($order));
    }

    private static function nothing(Order $order): string
    {
        return $order->lines()->where('state', LineState::Made)->exists()
            ? 'All that is passed is made already, and nothing of it has changed since. Choose lines to have their files once more.'
            : 'No line is passed yet. Pass the lines that are right, then make their files.';
    }

    /** What isn't begun waits until somebody goes on; what is being made is finished. */
    public function pause(Make $make): Response
    {
        $this->making->hold($make, SetState::Paused);

        return response()->noContent();
    }

    /** What isn't begun isn't made, unless somebody goes on. */
    public function stop(Make $make): Response
    {
        $this->making->hold($make, SetState::Stopped);

        return response()->noContent();
    }

    public function goOn(Make $make): Response
    {
        $this->making->goOn($make);

        return response()->noContent();
    }

    public function again(MadeFile $file): JsonResponse
    {
        abort_unless(
            $this->making->again($file),
            422,
            $file->state === FileState::Made
                ? 'The file is there, whole and unchanged: its checksum was taken just now.'
                : 'The file is being made.',
        );

        return response()->json(['id' => $file->id]);
    }

    public function download(MadeFile $file): Response|JsonResponse
    {
        abort_unless($file->state === FileState::Made, 404, 'This file isn’t made yet.');

        return self::unaltered(
            fn (): Response => PrivateFile::download(
                $this->leaving->path($file),
                str_ends_with($file->name, '.tif') ? 'image/tiff' : 'image/jpeg',
                $file->name,
            ),
        );
    }

    /** @param  callable(): Response  $send */
    private static function unaltered(callable $send): Response|JsonResponse
    {
        try {
            return $send();
        } catch (Altered $e) {
            return response()->json(['message' => $e->getMessage(), 'file' => $e->made->id], 409);
        }
    }

    /** The lab's files, or the copies for screens: never both. */
    public function zip(Make $make, bool $forScreens = false): Response|JsonResponse
    {
        abort_if(
            $make
                ->files()
                ->where(['state' => FileState::Made, 'is_for_screen' => $forScreens])
                ->doesntExist(),
            404,
            'No file of this set is made yet.',
        );
        if (! $this->zip->isReady($make, $forScreens)) {
            $why = PackZip::later($make->id, $forScreens)->whyNot();
            if (($why['file'] ?? null) !== null) {
                return response()->json($why, 409);
            }
            $why === null || throw CannotKeep::because($why['message']);
            PackZip::unlessReady($make, $this->zip);
            abort(409, 'The set is large, and its ZIP is being packed. It is there in a moment.');
        }
        $name = basename(dirname($make->folder)).'_'.basename($make->folder).($forScreens ? '_screen' : '');

        return self::unaltered(
            fn (): Response => PrivateFile::download($this->zip->of($make, $forScreens), 'application/zip', "{$name}.zip"),
        );
    }

    public function screenZip(Make $make): Response|JsonResponse
    {
        return $this->zip($make, forScreens: true);
    }

    /** Copies for a screen of lines as they are now. */
    public function screenCopies(Request $request, Order $order): JsonResponse
    {
        $request->validate(['lines' => ['nullable', 'array'], 'lines.*' => ['integer'], 'screenCopy' => ['required', 'array']]);
        MarkStore::need(MarksNamed::in((array) $request->input('screenCopy')));
        $started = $this->making->screenCopies($order, self::chosen($request), (array) $request->input('screenCopy'));

        return self::told($started, 'No line can be copied for a screen yet: give them pictures, and see what stops them.');
    }

    /** @param  string  $nothing  why nothing is made, where that is so */
    private static function told(Started $started, string $nothing): JsonResponse
    {
        return $started->make === null
            ? response()->json(['message' => $nothing], 422)
            : response()->json(['id' => $started->make->id, 'stopped' => $started->stopped], 201);
    }

    /** @return ?list<int> ids of the lines that were chosen; null for all */
    private static function chosen(Request $request): ?array
    {
        return $request->has('lines') ? array_map(intval(...), array_values((array) $request->input('lines'))) : null;
    }
}
