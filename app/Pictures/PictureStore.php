<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Errors\Gone;
use App\Files\CannotKeep;
use App\Files\Disk;
use App\Files\KeptOnce;
use App\Models\Order;
use App\Models\OrderPicture;
use App\Models\Picture;
use App\Studio\MarkStore;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Planisher\Imaging\Child\Limits;
use Planisher\Imaging\Child\Stopped;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\Files\Checksum;
use Planisher\Imaging\IntakeReader;
use Planisher\Imaging\Sources\Sources;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureRefused;
use Planisher\Picture\PictureTrouble;
use Planisher\Plan\Plan;
use Planisher\Plan\PlannedFile;

/** Originals, kept once each under their own checksum and never written again, with screen-sized proxies beside them. */
final class PictureStore
{
    private const REMEMBERED_SECONDS = 600;

    private const PROXY_SIDES = ['screen' => 2048, 'thumb' => 256];

    public function __construct(private readonly Disk $disk, public readonly Profiles $profiles, private readonly MarkStore $marks) {}

    /**
     * Takes an uploaded file into an order. The same bytes are one picture.
     *
     * @param  ?Limits  $limits  of reading it; those of what somebody waits for, unless others are given
     *
     * @throws PictureRefused
     */
    public function take(Order $order, string $upload, string $name, ?Limits $limits = null): OrderPicture
    {
        $sha256 = Checksum::of($upload);
        $picture = Picture::query()->where('sha256', $sha256)->first();
        if ($picture === null || $this->trouble($picture, $picture->pictureFacts($name)) !== null) {
            $facts = $this->keep($upload, $name, $sha256, $limits);
            $picture = Picture::query()->updateOrCreate(
                ['sha256' => $facts->sha256],
                [
                    'facts' => $facts->toArray(),
                    'modified_at' => $this->disk->stamp(self::key($facts))->changedAt ?? 0,
                    'taken' => FileHead::of($upload)->taken(),
                ],
            );
        }

        return DB::transaction(function () use ($order, $picture, $name): OrderPicture {
            Order::query()->whereKey($order->id)->lockForUpdate()->first();

            return OrderPicture::query()
                ->where(['order_id' => $order->id, 'picture_id' => $picture->id])
                ->first() ??
                OrderPicture::query()->create([
                    'order_id' => $order->id,
                    'picture_id' => $picture->id,
                    'name' => $this->nameApart($order, $name),
                ]);
        });
    }

    /** The facts of a stored picture, or why it can't be used. Only when its size or time has changed is it hashed again. */
    public function known(OrderPicture $inOrder): PictureFacts|PictureTrouble
    {
        $facts = $inOrder->facts();

        return $this->trouble($inOrder->picture, $facts) ?? $facts;
    }

    /**
     * Screen-sized copies of a plan's pictures.
     *
     * @param  ?PlannedFile  $file  that is made of them, where it isn't what the plan shows
     */
    public function proxiesOf(Plan $plan, ?PlannedFile $file = null): Sources
    {
        $paths = $this->marks->pathsOf($file ?? $plan->shown);
        foreach (Sources::in($plan->shown) as $picture) {
            $paths[$picture->sha256] = $this->proxy($picture->sha256, 'screen');
        }

        return Sources::proxies($paths, $this->profiles);
    }

    /**
     * The originals of a plan's pictures, for what is only looked at; ends the request where one can't be used.
     *
     * @return array<string, string> paths by checksum
     */
    public function originalsOf(Plan $plan): array
    {
        $paths = $this->marks->pathsOf($plan->shown);
        foreach (Sources::in($plan->shown) as $facts) {
            $picture = Picture::query()->where('sha256', $facts->sha256)->firstOrFail();
            $trouble = $this->trouble($picture, $facts);
            $trouble === null || throw new Gone($trouble->inWords());
            $paths[$facts->sha256] = $this->path($facts);
        }

        return $paths;
    }

    /** The original's path, its checksum taken anew; for making, where nothing may be assumed. */
    public function verified(PictureFacts $facts): string|PictureTrouble
    {
        $path = $this->path($facts);
        clearstatcache(true, $path);

        return match (true) {
            ! is_file($path) => PictureTrouble::missing($facts->name),
            Checksum::of($path) !== $facts->sha256 => PictureTrouble::changed($facts->name),
            default => $path,
        };
    }

    /** The same of a mark. */
    public function verifiedMark(PictureFacts $mark): string|PictureTrouble
    {
        return $this->marks->isSound($mark) ? $this->marks->path($mark->sha256) : PictureTrouble::changed($mark->name);
    }

    /** Where a screen-sized copy of an original can be read; one that is gone is made anew. */
    public function proxy(string $sha256, string $kind): string
    {
        $path = $this->disk->path(self::proxyKey($sha256, $kind));
        if (is_file($path)) {
            return $path;
        }
        $picture = Picture::query()->where('sha256', $sha256)->first();
        $facts = $picture === null ? null : PictureFacts::fromArray($picture->facts);
        if ($picture !== null && $facts !== null && $this->trouble($picture, $facts) === null) {
            $this->proxied($this->path($facts), $facts->name, $sha256, Limits::patient());
        }

        return $this->disk->path(self::proxyKey($sha256, $kind));
    }

    private function path(PictureFacts $facts): string
    {
        return $this->disk->path(self::key($facts));
    }

    /** What an original is kept under. */
    public static function key(PictureFacts $facts): string
    {
        return 'pictures/'.substr($facts->sha256, 0, 2)."/{$facts->sha256}.{$facts->format->extension()}";
    }

    private static function proxyKey(string $sha256, string $kind): string
    {
        return 'proxies/'.substr($sha256, 0, 2)."/{$sha256}-{$kind}.jpg";
    }

    private function trouble(Picture $picture, PictureFacts $facts): ?PictureTrouble
    {
        $stamp = $this->disk->stamp(self::key($facts));
        if ($stamp === null) {
            return PictureTrouble::missing($facts->name);
        }
        $untouched = $stamp->bytes === $facts->bytes && $stamp->changedAt === $picture->modified_at;

        return $untouched || $this->disk->isWhole(self::key($facts), $facts->sha256) ? null : PictureTrouble::changed($facts->name);
    }

    /**
     * Proxies first, for which every pixel is unpacked: a picture that is cut off is refused before anything is kept.
     *
     * @throws PictureRefused
     */
    private function keep(string $upload, string $name, string $sha256, ?Limits $limits): PictureFacts
    {
        $why = Cache::get("refused-{$sha256}");
        if (is_string($why)) {
            throw PictureRefused::because($why); // what was stopped isn't tried anew
        }
        try {
            $facts = $this->proxied($upload, $name, $sha256, $limits);
        } catch (PictureRefused $e) {
            $stopped = $e->getPrevious();
            if ($stopped instanceof Stopped && ($limits !== null || ! $stopped->isByTime)) {
                Cache::put("refused-{$sha256}", $e->getMessage(), self::REMEMBERED_SECONDS);
            }
            throw $e;
        }
        KeptOnce::put($this->disk, $upload, self::key($facts), $sha256);

        return $facts;
    }

    /**
     * Reads a picture and keeps its screen-sized copies.
     *
     * @throws PictureRefused
     */
    private function proxied(string $path, string $name, string $sha256, ?Limits $limits): PictureFacts
    {
        $proxies = [];
        foreach (self::PROXY_SIDES as $kind => $side) {
            $proxies[$kind] = ['side' => $side, 'path' => $this->room(self::proxyKey($sha256, $kind))];
        }
        $facts = IntakeReader::take($path, $name, $sha256, $proxies, $limits);
        foreach (array_keys($proxies) as $kind) {
            $this->disk->settle(self::proxyKey($sha256, $kind));
        }

        return $facts;
    }

    private function room(string $key): string
    {
        try {
            return $this->disk->workshop($key);
        } catch (CannotKeep $e) {
            throw PictureRefused::because($e->getMessage(), $e);
        }
    }

    private function nameApart(Order $order, string $name): string
    {
        ['filename' => $stem, 'extension' => $extension] = pathinfo($name) + ['extension' => ''];
        $extension = $extension === '' ? '' : ".{$extension}";
        $apart = $name;
        for (
            $n = 2;
            OrderPicture::query()
                ->where(['order_id' => $order->id, 'name' => $apart])
                ->exists();
            $n++
        ) {
            $apart = "{$stem}-{$n}{$extension}";
        }

        return $apart;
    }
}
