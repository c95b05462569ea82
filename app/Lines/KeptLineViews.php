<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\LabProfile;
use App\Models\Line;
use App\Models\LinePicture;
use App\Models\Order;
use App\Pictures\PictureStore;
use App\Studio\Desks;
use App\Views\CodeVersion;
use App\Views\KeptLosses;
use Illuminate\Support\Facades\Cache;
use Planisher\Naming\FileName;
use Planisher\Picture\PictureTrouble;

/**
 * An order's lines as the screens get them, kept by all that they come from: the line, its pictures, its name, the lab's card, the order's
 * head, the studio's marks, what was measured of it, and the code. Of three hundred lines only those that were changed are worked.
 *
 * What is kept of a line is its JSON, what other pages tell of it, too, what the measure of its colours is kept under (`loss`), and what
 * that was then (`seen`).
 *
 * @phpstan-import-type Told from LineViews
 *
 * @phpstan-type Kept array{json: string, told: Told, loss: ?string, seen: ?string}
 */
final class KeptLineViews
{
    private const KEPT_SECONDS = 604_800;

    /** Of an order, packed; what is larger is worked each time. */
    private const MOST_BYTES = 4_000_000;

    private const QUICKLY = 1;

    public function __construct(
        private readonly Computation $computation,
        private readonly PictureStore $pictures,
        private readonly KeptLosses $losses,
        private readonly Desks $desks,
        private readonly KeptNames $names,
    ) {}

    public function of(Order $order): LineViews
    {
        $order->loadMissing(WorkedOrder::RELATIONS);
        $names = $this->names->of($order);
        $hashes = $this->hashes($order, $names);
        $kept = array_intersect_key($this->kept($order), array_flip($hashes));
        $seen = $this->losses->heldUnder(array_values(array_filter(array_column($kept, 'loss'))));
        $worked = null;
        [$now, $json, $told, $new, $isAllMeasured] = [[], [], [], 0, true];
        foreach ($order->lines as $line) {
            $hash = $hashes[$line->id];
            $its = $kept[$hash] ?? null;
            if ($its === null || ($its['loss'] !== null && $seen[$its['loss']] !== $its['seen'])) {
                $worked ??= $this->computation->named($order, $names);
                $its = $this->worked($line, $worked);
                $new++;
            }
            $now[$hash] = $its;
            $json[] = $its['json'];
            $told[$line->id] = $its['told'];
            $isAllMeasured = $isAllMeasured && ($its['loss'] === null || $its['seen'] !== null);
        }
        $new > config('planisher.lines.workedAnew') && self::keep($order, $now);

        return new LineViews($json, $told, $isAllMeasured);
    }

    /** @return Kept */
    private function worked(Line $line, WorkedOrder $order): array
    {
        $worked = $order->of($line);
        $view = LineView::of($line, $worked);
        $loss = $worked->plan === null ? null : KeptLosses::keyOf($worked->plan, $order->paperProfile($line));

        return [
            'json' => json_encode($view, JSON_THROW_ON_ERROR),
            'told' => ['short' => $view['short'], 'goes' => $view['goes']],
            'loss' => $loss,
            'seen' => $loss === null ? null : $this->losses->heldUnder([$loss])[$loss],
        ];
    }

    /**
     * @param  array<int, FileName>  $names  by the line's number
     * @return array<int, string> by the line's id
     */
    private function hashes(Order $order, array $names): array
    {
        $ofAll = hash(
            'xxh128',
            serialize([
                CodeVersion::now(),
                $order->lab->getAttributes(),
                $order->lab->profiles->map(fn (LabProfile $profile): array => $profile->getAttributes())->all(),
                $this->desks->for($order)->toArray(),
            ]),
        );
        $hashes = [];
        foreach ($order->lines as $line) {
            $pictures = $line->pictures->map($this->picture(...))->all();
            $hashes[$line->id] = hash('xxh128', serialize([$ofAll, $line->getAttributes(), $pictures, $names[$line->number]]));
        }

        return $hashes;
    }

    /** @return list<mixed> all that is known of the picture at one of a line's places */
    private function picture(LinePicture $at): array
    {
        $known = $this->pictures->known($at->orderPicture);

        return [
            $at->place,
            $at->orderPicture->getAttributes(),
            $at->orderPicture->picture->getAttributes(),
            $known instanceof PictureTrouble ? $known : null,
        ];
    }

    /** @return array<string, Kept> by what they come from */
    private function kept(Order $order): array
    {
        $packed = Cache::get(self::key($order));
        $kept = is_string($packed) ? @gzinflate((string) base64_decode($packed)) : false;
        $kept = $kept === false ? null : unserialize($kept, ['allowed_classes' => false]);

        return is_array($kept) ? $kept : [];
    }

    /** @param  array<string, Kept>  $lines  by what they come from; packed, a line takes half a kilobyte */
    private static function keep(Order $order, array $lines): void
    {
        $packed = base64_encode((string) gzdeflate(serialize($lines), self::QUICKLY));
        strlen($packed) > self::MOST_BYTES || Cache::put(self::key($order), $packed, self::KEPT_SECONDS);
    }

    private static function key(Order $order): string
    {
        return "lines-of-{$order->id}-".CodeVersion::now();
    }
}
