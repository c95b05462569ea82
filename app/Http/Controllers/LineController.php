<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\PrivateFile;
use App\Models\Line;
use App\Models\Order;
use App\Orders\LineChanger;
use App\Orders\LineView;
use App\Orders\Looked;
use App\Orders\WorkedOrder;
use App\Pictures\PictureStore;
use App\Views\NotAgain;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Planisher\Colour\PaperProfile;
use Planisher\Drawing\TypedFigure;
use Planisher\Finding\Finding;
use Planisher\Finding\Level;
use Planisher\Imaging\Child\Child;
use Planisher\Imaging\Child\Limits;
use Planisher\Imaging\Child\Task;
use Planisher\Imaging\Histogram;
use Planisher\Imaging\Preview;
use Planisher\Imaging\Proof;
use Planisher\Imaging\Weight;
use Planisher\Lab\FileFormat;
use Planisher\Measure\Figure;
use Planisher\Measure\MeasureError;
use Planisher\OrderFile\OrderFileError;
use Planisher\Plan\Plan;
use Planisher\Plan\PlannedFile;
use Planisher\Telling\OnPaper;

final class LineController
{
    private const PREVIEW_SIDE = 1600;

    /** How many places a side that a part one to one can be asked for about, and the step of its sides in pixels. */
    private const PLACES = 200;

    private const PART_STEP = 20;

    /** What is measured of a line as it is: a month. */
    private const KEPT_SECONDS = 2_592_000;

    public function store(Request $request, Order $order): JsonResponse
    {
        $given = $request->validate([
            'size' => ['required', 'string', 'max:60'],
            'copies' => ['nullable', 'integer'],
            'picture' => ['nullable', 'string'],
        ]);
        $wanted = LineChanger::typed(['size' => $given['size'], 'copies' => $given['copies'] ?? 1]);
        $picture = isset($given['picture']) ? $order->pictures()->where('name', $given['picture'])->first() : null;
        if (isset($given['picture']) && $picture === null) {
            throw new OrderFileError(
                'picture',
                "“{$given['picture']}”",
                'a picture of this order',
                "This order has no picture “{$given['picture']}”.",
            );
        }
        $line = DB::transaction(function () use ($order, $wanted, $picture): Line {
            Order::query()->whereKey($order->id)->lockForUpdate()->first();

            return Line::query()->create([
                'order_id' => $order->id,
                'number' => (int) Line::withTrashed()->where('order_id', $order->id)->max('number') + 1,
                'order_picture_id' => $picture?->id,
                'wanted' => $wanted,
            ]);
        });

        return self::shown($line, 201);
    }

    public function update(Request $request, Line $line): JsonResponse
    {
        $given = $request->validate([
            'version' => ['required', 'integer'],
            'change' => ['required_without:figure', 'array'],
            'figure.name' => ['required_with:figure', 'string'],
            'figure.typed' => ['required_with:figure', 'string', 'max:60'],
        ]);
        $change = isset($given['figure'])
            ? self::figure($line, $given['figure']['name'], $given['figure']['typed'])
            : (array) $request->input('change');

        return self::shown(LineChanger::patch($line, $request->integer('version'), $change));
    }

    /** Puts a line as it was: for undo and redo. */
    public function replace(Request $request, Line $line): JsonResponse
    {
        $request->validate(['version' => ['required', 'integer'], 'line' => ['required', 'array']]);

        return self::shown(LineChanger::replace($line, $request->integer('version'), (array) $request->input('line')));
    }

    /**
     * What a figure typed into the drawing changes.
     *
     * @return array<string, mixed>
     */
    private static function figure(Line $line, string $name, string $typed): array
    {
        $worked = WorkedOrder::line($line);
        try {
            return TypedFigure::change($worked->line, $worked->plan?->layout, $name, $typed);
        } catch (MeasureError $e) {
            throw new OrderFileError($name, "“{$typed}”", 'a length that can be', $e->getMessage());
        }
    }

    public function pass(Request $request, Line $line): JsonResponse
    {
        $request->validate(['version' => ['required', 'integer']]);
        $worked = WorkedOrder::line($line);
        if ($worked->isStopped()) {
            return response()->json(['message' => "It can’t pass: {$worked->worst()->title}. {$worked->worst()->text}"], 422);
        }

        return self::shown(
            LineChanger::change($line, $request->integer('version'), function (Line $now) use ($worked): void {
                $now->state = Line::PASSED;
                $now->passed_with = array_values(
                    array_map(
                        fn (Finding $finding): array => $finding->toArray(),
                        array_filter($worked->findings, fn (Finding $finding): bool => $finding->level === Level::Look),
                    ),
                );
            }),
        );
    }

    /** Takes a pass back. */
    public function hold(Request $request, Line $line): JsonResponse
    {
        $request->validate(['version' => ['required', 'integer']]);

        return self::shown(
            LineChanger::change($line, $request->integer('version'), function (Line $now): void {
                $now->state = Line::OPEN;
                $now->passed_with = null;
            }),
        );
    }

    public function destroy(Request $request, Line $line): Response
    {
        $request->validate(['version' => ['required', 'integer']]);
        LineChanger::change($line, $request->integer('version'), function (Line $now): void {
            $now->deleted_at = Carbon::now();
        });

        return response()->noContent();
    }

    public function restore(Line $line): JsonResponse
    {
        $line->restore();

        return self::shown($line);
    }

    public function preview(Line $line, string $hash): Response
    {
        $plan = WorkedOrder::line($line)->plan;
        ($plan !== null && $plan->hash() === $hash) || abort(404, 'The line has changed meanwhile.');

        return PrivateFile::inline(NotAgain::try("preview-{$hash}", fn (): string => self::previewed($plan, $hash)), 'image/jpeg');
    }

    /** The file as it will look on its paper. */
    public function proof(Line $line, string $hash): Response
    {
        [$plan, $paper] = self::onPaper($line, $hash);
        $paper ?? abort(404, 'The lab card has no profile for this paper.');
        $path = self::kept("{$hash}-{$paper->sha256}.jpg");
        if (! is_file($path)) {
            NotAgain::try(
                "proof-{$hash}-{$paper->sha256}",
                fn () => Proof::write($plan->shown, $paper, self::previewed($plan, $hash), $path),
            );
        }

        return PrivateFile::inline($path, 'image/jpeg');
    }

    /** Hatching over what is out of gamut. */
    public function gamut(Line $line, string $hash): Response
    {
        [$plan, $paper] = self::onPaper($line, $hash);
        $path = self::kept("{$hash}-".($paper->sha256 ?? 'file').'.png');
        if (! is_file($path)) {
            $proxy = PictureStore::proxy($plan->shown->placements[0]->picture->sha256, 'screen');
            NotAgain::try('gamut-'.basename($path), fn () => Proof::hatching($plan->shown, $paper, $proxy, self::PREVIEW_SIDE, $path));
        }

        return PrivateFile::inline($path, 'image/png');
    }

    /** What changes on paper, in words, and a remedy where the shadows lose by it. */
    public function seen(Line $line, string $hash): JsonResponse
    {
        [$plan, $paper] = self::onPaper($line, $hash);
        $worked = WorkedOrder::line($line);
        ['seen' => $seen, 'tones' => $tones] = NotAgain::try(
            "seen-{$hash}-".($paper->sha256 ?? 'file'),
            fn (): array => Looked::measure($plan, $paper),
        );

        return response()->json([
            'paper' => $worked->lab->paper($worked->line->paper)?->name,
            'profile' => $paper?->description,
            ...OnPaper::told($tones, $seen['outOfGamut'], $seen['hues'], $worked->line),
        ]);
    }

    /** Histograms before conversion and after. */
    public function histogram(Line $line, string $hash): JsonResponse
    {
        [$plan] = self::onPaper($line, $hash);

        $proxy = PictureStore::proxy($plan->shown->placements[0]->picture->sha256, 'screen');

        return response()->json(
            NotAgain::try(
                "histogram-{$hash}",
                fn (): array => Cache::remember("histogram-{$hash}", self::KEPT_SECONDS, fn (): array => Histogram::of($plan->shown, $proxy)),
            ),
        );
    }

    /** How large the files will be, before they are made. */
    public function weight(Line $line, string $hash): JsonResponse
    {
        [$plan] = self::onPaper($line, $hash);
        $file = $plan->shown;
        if ($file->encoding->format !== FileFormat::Jpeg) {
            return response()->json([
                'note' => 'At most '.
                    Figure::bytes(array_sum(array_map(fn (PlannedFile $f): int => $f->unpackedBytes(), $plan->files))).
                    ', packed without loss.',
            ]);
        }
        if (! Weight::canBeEstimated($file)) {
            return response()->json([
                'note' => 'Too large to be weighed before it is made: '.
                    Figure::pixels($file->width, $file->height).
                    '. Unpacked it takes '.
                    Figure::bytes($file->unpackedBytes()).
                    '.',
            ]);
        }
        $picture = self::original($line);
        $weight = NotAgain::try(
            "weight-{$hash}",
            fn (): array => Cache::remember(
                "weight-{$hash}",
                self::KEPT_SECONDS,
                fn (): array => Child::run(Task::Weight, ['file' => $file, 'path' => $picture], Limits::asked()),
            ),
        );
        $all =
            ($weight['bytes'] * array_sum(array_map(fn (PlannedFile $f): int => $f->width * $f->height, $plan->files))) /
            ($file->width * $file->height);

        return response()->json([
            'note' => 'About '.
                Figure::bytes((int) $all).
                '. Against quality 100 it differs by ΔE '.
                Figure::decimal($weight['mean'], 1).
                ' on average, by less than '.
                Figure::decimal($weight['most'], 1).
                ' in 99 of 100 pixels; 1 is just noticeable.',
        ]);
    }

    /** A part of the file itself, a pixel for a pixel, about a place in fractions of it. */
    public function pixels(Request $request, Line $line, string $hash): Response
    {
        $given = $request->validate([
            'x' => ['required', 'numeric', 'between:0,1'],
            'y' => ['required', 'numeric', 'between:0,1'],
            'width' => ['required', 'integer', 'between:1,2400'],
            'height' => ['required', 'integer', 'between:1,1600'],
        ]);
        [$plan] = self::onPaper($line, $hash);
        $picture = self::original($line);
        // Places and sizes are rounded, so that what is asked for by dragging is kept a few times and not at every pixel.
        $part = [
            'x' => round((float) $given['x'] * self::PLACES) / self::PLACES,
            'y' => round((float) $given['y'] * self::PLACES) / self::PLACES,
            'width' => (int) ceil((int) $given['width'] / self::PART_STEP) * self::PART_STEP,
            'height' => (int) ceil((int) $given['height'] / self::PART_STEP) * self::PART_STEP,
        ];
        $name = 'one-'.hash('sha256', $hash.json_encode($part));
        $path = self::kept("{$name}.jpg");
        if (! is_file($path)) {
            NotAgain::try(
                $name,
                fn (): array => Child::run(
                    Task::OneToOne,
                    ['file' => $plan->shown, 'path' => $picture, 'to' => $path] + $part,
                    Limits::asked(),
                ),
            );
        }

        return PrivateFile::inline($path, 'image/jpeg');
    }

    /** The picture's file, as it was when it was taken. */
    private static function original(Line $line): string
    {
        $inOrder = $line->orderPicture ?? abort(404, 'The line has no picture.');
        $picture = PictureStore::original($inOrder);

        return is_string($picture) ? $picture : abort(404, "{$picture->title}. {$picture->text}");
    }

    /** @return array{Plan, ?PaperProfile} */
    private static function onPaper(Line $line, string $hash): array
    {
        $worked = WorkedOrder::line($line);
        $plan = $worked->plan;
        ($plan !== null && $plan->hash() === $hash) || abort(404, 'The line has changed meanwhile.');

        return [$plan, $worked->lab->paperProfile($worked->line->paper)];
    }

    private static function previewed(Plan $plan, string $hash): string
    {
        $path = self::kept("{$hash}.jpg");
        if (! is_file($path)) {
            Preview::write(
                $plan->shown,
                PictureStore::proxy($plan->shown->placements[0]->picture->sha256, 'screen'),
                self::PREVIEW_SIDE,
                $path,
            );
        }

        return $path;
    }

    private static function kept(string $file): string
    {
        $path = storage_path('app/previews/'.substr($file, 0, 2)."/{$file}");
        is_dir(dirname($path)) || @mkdir(dirname($path), 0770, true);

        return $path;
    }

    private static function shown(Line $line, int $status = 200): JsonResponse
    {
        return response()->json(LineView::of($line, WorkedOrder::line($line)), $status);
    }
}
