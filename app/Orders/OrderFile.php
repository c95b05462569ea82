<?php

declare(strict_types=1);

namespace App\Orders;

use App\Errors\NotPossible;
use App\Files\StoredZip;
use App\Files\UploadName;
use App\Labs\ProfileStore;
use App\Models\Line;
use App\Models\Order;
use App\Models\StudioMark;
use App\Pictures\PictureStore;
use App\Studio\MarkStore;
use Planisher\Finish\LinePictures;
use Planisher\Order\OrderSpec as ToldOrder;
use Planisher\OrderFile\KeptApart;
use Planisher\OrderFile\Remark;
use Planisher\Overlay\MarksNamed;

/**
 * An order as an order file, and with all that it names in a ZIP: `order.json`, and the pictures, marks and profiles beside each
 * other in `pictures`. `bin/planisher make` makes the same files from it as Planisher itself.
 */
final class OrderFile
{
    public const JSON = 'order.json';

    public const FOLDER = 'pictures';

    public function __construct(
        private readonly PictureStore $pictures,
        private readonly MarkStore $marks,
        private readonly ProfileStore $profiles,
    ) {}

    /** @return array<string, mixed> */
    public function of(Order $order): array
    {
        $order->loadMissing(['client', 'lab.profiles', 'lines.pictures.orderPicture.picture', 'pictures.picture']);

        return [
            'planisher' => ToldOrder::VERSION,
            'order' => $order->head()->toArray(),
            'lab' => $order->lab->labCard()->toArray(),
            'pictures' => $order->pictures
                ->map(
                    fn ($picture): array => array_filter([
                        'name' => $picture->name,
                        'sha256' => $picture->picture->sha256,
                        'mustStayIn' => $picture->picture->must_stay_in ?: null,
                    ]),
                )
                ->all(),
            'lines' => $order->lines->map(fn (Line $line): array => self::line($line, $order))->values()->all(),
        ];
    }

    /**
     * Writes the ZIP.
     *
     * @throws NotPossible where something of it is missing, or two things have one name
     */
    public function zip(Order $order, string $path): void
    {
        $told = $this->of($order);
        $told['lines'] !== [] || throw new NotPossible('The order has no lines yet, so there is nothing to export.');
        $files = [];
        foreach ($this->files($order) as $name => $from) {
            $files[self::FOLDER."/{$name}"] = $from;
        }
        $json = json_encode($told, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
        StoredZip::write($path, $files, [self::JSON => $json]);
    }

    /** @return array<string, mixed> */
    private static function line(Line $line, Order $order): array
    {
        $tested = $line->test_of === null ? null : $order->lines->find($line->test_of);
        $remark = (new Remark($line->remark, $line->remark_for_lab))->toArray();

        return [
            'number' => $line->number,
            ...array_filter(LinePictures::put($line->wanted, $line->names()), fn (mixed $value): bool => $value !== null),
            ...$remark === [] ? [] : ['remark' => $remark],
            ...(new KeptApart($line->apart, $tested?->number))->toArray(),
        ];
    }

    /** @return array<string, string> where they lie, by their names in the order */
    private function files(Order $order): array
    {
        $files = [];
        foreach ($order->pictures as $picture) {
            $isName = UploadName::ofPicture($picture->name) === $picture->name;
            $isName ||
                throw new NotPossible(
                    "“{$picture->name}” is no name that a file can have. Take the picture off the order and add it anew.",
                );
            $path = $this->pictures->verified($picture->facts());
            $files[$picture->name] = is_string($path) ? $path : throw new NotPossible($path->inWords());
        }
        $others = [];
        foreach (StudioMark::query()->whereIn('name', MarksNamed::in($order->lines->pluck('wanted')->all()))->get() as $mark) {
            $others[$mark->name] = $this->marks->path($mark->sha256);
        }
        foreach ($order->lab->profiles as $profile) {
            $others[$profile->file] = $this->profiles->path($profile->sha256);
        }
        foreach ($others as $name => $path) {
            if (isset($files[$name])) {
                throw new NotPossible(
                    "“{$name}” is the name of a picture of the order and of a mark or profile, too. Give one of them another.",
                );
            }
            $files[$name] = $path;
        }

        return $files;
    }
}
