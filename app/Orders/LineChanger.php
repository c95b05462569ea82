<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Line;
use App\Models\OrderPicture;
use Illuminate\Support\Facades\DB;
use Planisher\Line\Line as WantedLine;
use Planisher\OrderFile\MergePatch;
use Planisher\OrderFile\Node;
use Planisher\OrderFile\OrderFileError;

/** The only way a line changes: under a lock, seen version against stored version, typed by core before it is kept. */
final class LineChanger
{
    /**
     * @param  int  $seen  the version the change was made on
     * @param  callable(Line): void  $change
     *
     * @throws StaleLine
     */
    public static function change(Line $line, int $seen, callable $change): Line
    {
        return DB::transaction(function () use ($line, $seen, $change): Line {
            /** @var Line $now */
            $now = Line::withTrashed()->whereKey($line->id)->lockForUpdate()->firstOrFail();
            if ($now->version !== $seen || $now->trashed()) {
                throw new StaleLine($now);
            }
            $change($now);
            if ($now->isDirty()) {
                $now->version++;
                $now->save();
            }

            return $now;
        });
    }

    /**
     * @param  array<string, mixed>  $patch  of the line's order-file form
     *
     * @throws StaleLine when somebody else changed it meanwhile
     */
    public static function patch(Line $line, int $seen, array $patch): Line
    {
        return self::change($line, $seen, function (Line $now) use ($patch): void {
            if (array_key_exists('picture', $patch)) {
                self::choose($now, $patch['picture']);
                unset($patch['picture']);
            }
            $now->wanted = self::typed(MergePatch::apply($now->wanted, $patch));
            self::opened($now);
        });
    }

    /**
     * Puts a line's wants, its picture among them, in place of what they are.
     *
     * @param  array<string, mixed>  $wanted  its whole order-file form
     *
     * @throws StaleLine when somebody else changed it meanwhile
     */
    public static function replace(Line $line, int $seen, array $wanted): Line
    {
        return self::change($line, $seen, function (Line $now) use ($wanted): void {
            self::choose($now, $wanted['picture'] ?? null);
            $now->wanted = self::typed(array_diff_key($wanted, ['picture' => true]));
            self::opened($now);
        });
    }

    /** What is changed has to be passed anew. */
    private static function opened(Line $line): void
    {
        if ($line->isDirty()) {
            $line->state = Line::OPEN;
            $line->passed_with = null;
        }
    }

    /**
     * What is wanted as core writes it, so that only what core understands is stored.
     *
     * @param  array<string, mixed>  $wanted
     * @return array<string, mixed>
     *
     * @throws OrderFileError
     */
    public static function typed(array $wanted): array
    {
        $line = WantedLine::fromNode(Node::root($wanted));
        if ($line->notYet !== []) {
            $asked = implode(' and ', $line->notYet);
            throw new OrderFileError('', $asked, 'something Planisher makes', "Planisher doesn’t make {$asked} yet.");
        }

        return $line->toArray();
    }

    private static function choose(Line $line, mixed $name): void
    {
        if ($name !== null && ! is_string($name)) {
            throw new OrderFileError(
                'picture',
                get_debug_type($name),
                'the name of a picture of this order',
                'Choose a picture by its name.',
            );
        }
        $picture =
            $name === null
                ? null
                : OrderPicture::query()
                    ->where(['order_id' => $line->order_id, 'name' => $name])
                    ->first();
        if ($name !== null && $picture === null) {
            throw new OrderFileError('picture', "“{$name}”", 'a picture of this order', "This order has no picture “{$name}”.");
        }
        if ($line->order_picture_id !== $picture?->id) {
            $line->order_picture_id = $picture?->id;
            $line->wanted = array_diff_key($line->wanted, ['window' => true]); // another picture, another window
        }
    }
}
