<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\PrivateFile;
use App\Jobs\PackZip;
use App\Lines\OrderView;
use App\Making\Altered;
use App\Making\Leaving;
use App\Making\MakeView;
use App\Making\Making;
use App\Making\Zip;
use App\Models\Line;
use App\Models\MadeFile;
use App\Models\Make;
use App\Models\Order;
use App\Studio\MarkStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Planisher\Overlay\MarksNamed;

final class MakeController
{
    public function __construct(private readonly Making $making, private readonly Leaving $leaving) {}

    public function index(Order $order): JsonResponse
    {
        $makes = $order->makes()->with('files.line')->get();
        $makes->each(PackZip::unlessReady(...));

        return response()->json(['order' => OrderView::title($order), 'makes' => $makes->map(MakeView::of(...))->all()]);
    }

    public function store(Request $request, Order $order): JsonResponse
    {
        $request->validate(['lines' => ['nullable', 'array'], 'lines.*' => ['integer']]);
        $make = $this->making->start($order, self::chosen($request));

        $stopped = $this->making->stopped($order, self::chosen($request));

        return $make === null
            ? response()->json(['message' => $stopped[0] ?? self::nothing($order)], 422)
            : response()->json(['id' => $make->id, 'stopped' => $stopped], 201);
    }

    private static function nothing(Order $order): string
    {
        return $order->lines()->where('state', Line::MADE)->exists()
            ? 'All that is passed is made already, and nothing of it has changed since. Choose lines to have their files once more.'
            : 'No line is passed yet. Pass the lines that are right, then make their files.';
    }

    /** What isn't begun waits until somebody goes on; what is being made is finished. */
    public function pause(Make $make): Response
    {
        $this->making->hold($make, Make::PAUSED);

        return response()->noContent();
    }

    /** What isn't begun isn't made, unless somebody goes on. */
    public function stop(Make $make): Response
    {
        $this->making->hold($make, Make::STOPPED);

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
            $file->state === MadeFile::MADE
                ? 'The file is there, whole and unchanged: its checksum was taken just now.'
                : 'The file is being made.',
        );

        return response()->json(['id' => $file->id]);
    }

    public function download(MadeFile $file): Response|JsonResponse
    {
        abort_unless($file->state === MadeFile::MADE, 404, 'This file isn’t made yet.');

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
                ->where(['state' => MadeFile::MADE, 'is_for_screen' => $forScreens])
                ->doesntExist(),
            404,
            'No file of this set is made yet.',
        );
        if (! Zip::isReady($make, $forScreens)) {
            PackZip::unlessReady($make);
            abort(409, 'The set is large, and its ZIP is being packed. It is there in a moment.');
        }
        $name = basename(dirname($make->folder)).'_'.basename($make->folder).($forScreens ? '_screen' : '');

        return self::unaltered(fn (): Response => PrivateFile::download(Zip::of($make, $forScreens), 'application/zip', "{$name}.zip"));
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
        $make = $this->making->screenCopies($order, self::chosen($request), (array) $request->input('screenCopy'));

        return $make === null
            ? response()->json(['message' => 'No line can be copied for a screen yet: give them pictures, and see what stops them.'], 422)
            : response()->json(['id' => $make->id, 'stopped' => $this->making->stoppedCopies($order, self::chosen($request))], 201);
    }

    /** @return ?list<int> ids of the lines that were chosen; null for all */
    private static function chosen(Request $request): ?array
    {
        return $request->has('lines') ? array_map(intval(...), array_values((array) $request->input('lines'))) : null;
    }
}
