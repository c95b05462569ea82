<?php

declare(strict_types=1);

namespace App\Lines;

use App\History\History;
use App\Models\Line;
use App\Models\LinePicture;
use App\Models\Order;
use App\Models\OrderPicture;
use App\Models\Studio;
use App\States\Moves;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Planisher\Finish\Finishes;
use Planisher\Finish\LinePictures;
use Planisher\Finish\LineReader;
use Planisher\Line\KeyChange;
use Planisher\Line\LineChange;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;
use Planisher\State\LineState;

/** The only way a line changes: under a lock, seen version against stored version, typed by core before it is kept. */
final class LineChanger
{
    private const SAVED_AT_ONCE = 100;

    /**
     * A further line of an order.
     *
     * @param  LineForm  $wanted  its order-file form
     * @param  ?int  $number  where it has one already
     *
     * @throws OrderFileError
     */
    public function add(Order $order, array $wanted, ?int $number = null): Line
    {
        // What the order's others are named after, and what the studio does, unless it is said otherwise.
        $usual = $number === null ? ($order->names === null ? [] : ['name' => $order->names]) + (Studio::current()->usual ?? []) : [];
        [$wanted, $names] = LinePictures::take($wanted + $usual);
        $typed = self::typed($wanted);

        return DB::transaction(function () use ($order, $typed, $names, $number): Line {
            Order::query()->whereKey($order->id)->lockForUpdate()->first();
            $last = (int) Line::withTrashed()->where('order_id', $order->id)->max('number');
            $line = Line::query()->create(['order_id' => $order->id, 'number' => $number ?? $last + 1, 'wanted' => $typed]);
            self::choose($line, $names);
            $line->update(['wanted' => $typed, 'size_key' => SizeKey::of($typed)]); // its window is of this picture
            History::note($order->id, 'added it', $line);

            return $line;
        });
    }

    /**
     * Does what isn't wanted of a line, but done with it.
     *
     * @param  int  $seen  the version it is done on
     * @param  callable(Line): void  $do
     *
     * @throws StaleLine
     */
    public function do(Line $line, int $seen, callable $do): Line
    {
        return DB::transaction(function () use ($line, $seen, $do): Line {
            /** @var Line $now */
            $now = Line::withTrashed()->whereKey($line->id)->lockForUpdate()->firstOrFail();
            $what = self::done($now, $seen, $do);
            $now->save();
            $what === null || History::note($now->order_id, $what, $now);

            return $now;
        });
    }

    /**
     * A change of many lines of an order; those that it can't be done to, or that somebody else changed meanwhile, stay as they are.
     *
     * @param  array<int, int>  $seen  the version of each, by its id
     * @param  callable(Line): LineChange  $change  of each; an empty one leaves it as it is
     * @return array{list<Line>, list<string>} the lines as they are now, and why others are not, in words
     */
    public function changeEach(Order $order, array $seen, callable $change): array
    {
        return $this->each($order, $seen, function (Line $now) use ($seen, $change): ?string {
            $wanted = $change($now);
            $do = fn (): ?string => self::done($now, $seen[$now->id], fn (Line $of) => self::changed($of, $wanted));

            // What writes more than the line itself is taken back by itself.
            return $wanted->says('picture') ? DB::transaction($do) : $do();
        });
    }

    /**
     * The same of what is done with many.
     *
     * @param  array<int, int>  $seen  the version of each, by its id
     * @param  callable(Line): void  $do
     * @return array{list<Line>, list<string>} the lines as they are now, and why others are not, in words
     */
    public function doEach(Order $order, array $seen, callable $do): array
    {
        return $this->each($order, $seen, fn (Line $now): ?string => self::done($now, $seen[$now->id], $do));
    }

    /**
     * @param  array<int, int>  $seen
     * @param  callable(Line): ?string  $done  changes one, and says what was done in words
     * @return array{list<Line>, list<string>}
     */
    private function each(Order $order, array $seen, callable $done): array
    {
        return DB::transaction(function () use ($order, $seen, $done): array {
            [$changed, $missed, $notes] = [[], [], []];
            /** @var Collection<int, Line> $lines */
            $lines = Line::query()
                ->where('order_id', $order->id)
                ->whereKey(array_keys($seen))
                ->with('pictures.orderPicture.picture')
                ->orderBy('number')
                ->lockForUpdate()
                ->get();
            foreach ($lines as $now) {
                try {
                    $notes[] = [$now, $done($now)];
                    $changed[] = $now;
                } catch (OrderFileError $e) {
                    $missed[] = "Line {$now->number}: {$e->inWords()}";
                } catch (StaleLine) {
                    $missed[] = "Line {$now->number} was changed in another window meanwhile. It stayed as it is now.";
                }
            }
            self::saveEach($changed);
            History::noteEach($order->id, $notes);

            return [$changed, $missed];
        });
    }

    /**
     * Changes a line that is held, without saving it.
     *
     * @param  callable(Line): void  $change
     * @return ?string what was done, in words; null for nothing worth a note
     *
     * @throws OrderFileError
     * @throws StaleLine
     */
    private static function done(Line $now, int $seen, callable $change): ?string
    {
        if ($now->version !== $seen || $now->trashed()) {
            throw new StaleLine($now);
        }
        $held = self::held($now);
        [$wanted, $state] = [$now->wanted, $now->state];
        $change($now);
        $hasOther = self::held($now) !== $held;
        if (! $now->isDirty() && ! $hasOther) {
            return null;
        }
        $now->version++;
        $now->size_key = SizeKey::of($now->wanted);
        $what = match (true) {
            $now->trashed() => 'removed it',
            $now->isDirty(['remark', 'remark_for_lab']) => 'changed its remark',
            $now->state !== $state && $now->state === LineState::Passed => 'passed it',
            $now->isDirty('settled') && $now->wanted === $wanted && ! $hasOther => 'settled what many have alike',
            default => Changed::between($wanted, $now->wanted, $hasOther) ?? ($now->state === $state ? null : 'opened it again'),
        };

        return $what;
    }

    /**
     * Many lines saved in one statement: two hundred by themselves take a tenth of a second.
     *
     * @param  list<Line>  $lines  that are stored already, and held
     */
    private static function saveEach(array $lines): void
    {
        $changed = array_values(array_filter($lines, fn (Line $line): bool => $line->isDirty()));
        foreach ($changed === [] ? [] : array_chunk($changed, self::SAVED_AT_ONCE) as $some) {
            $columns = array_keys(array_merge(...array_map(fn (Line $line): array => $line->getDirty(), $some)));
            Line::query()->upsert(array_map(fn (Line $line): array => $line->getAttributes(), $some), ['id'], $columns);
        }
        foreach ($changed as $line) {
            $line->syncOriginal();
        }
    }

    /** @return array<int, int> the pictures it has, by place */
    private static function held(Line $line): array
    {
        return $line->pictures->pluck('order_picture_id', 'place')->all();
    }

    /** @throws StaleLine when somebody else changed it meanwhile */
    public function change(Line $line, int $seen, LineChange $change): Line
    {
        return $this->do($line, $seen, fn (Line $now) => self::changed($now, $change));
    }

    /**
     * A line as it would be, not saved; pictures that would be others are written, and taken back by the caller.
     *
     * @throws OrderFileError
     */
    public function tried(Line $line, LineChange $change): Line
    {
        $tried = (clone $line)->setRelations($line->getRelations());
        self::changed($tried, $change);

        return $tried;
    }

    /** @throws OrderFileError */
    private static function changed(Line $now, LineChange $change): void
    {
        [$own, $names] = LinePictures::take($change->toArray(), $now->wanted['make'] ?? null);
        $isOther = self::choose($now, $names);
        $now->wanted = self::typed(LineChange::of($own)->onto($now->wanted));
        self::opened($now, self::leave($now) || $isOther);
    }

    /**
     * Puts a line's wants, its picture among them, in place of what they are.
     *
     * @param  LineForm  $wanted  its whole order-file form
     *
     * @throws StaleLine when somebody else changed it meanwhile
     */
    public function replace(Line $line, int $seen, array $wanted): Line
    {
        return $this->do($line, $seen, function (Line $now) use ($wanted): void {
            [$wanted, $names] = LinePictures::take($wanted);
            $isOther = self::choose($now, $names + array_fill(0, count($now->pictures), null));
            $now->wanted = self::typed($wanted);
            self::opened($now, self::leave($now) || $isOther);
        });
    }

    /**
     * Has a line passed anew.
     *
     * @throws StaleLine when somebody else changed it meanwhile
     */
    public function hold(Line $line, int $seen): Line
    {
        return $this->do($line, $seen, self::open(...));
    }

    /** The same whatever it is by now. */
    public function reopen(Line $line): void
    {
        DB::transaction(function () use ($line): void {
            $now = Line::query()->whereKey($line->id)->lockForUpdate()->first();
            if ($now instanceof Line) {
                $this->hold($now, $now->version);
            }
        });
    }

    /** @throws StaleLine when somebody else changed it meanwhile */
    public function remove(Line $line, int $seen): Line
    {
        return $this->do($line, $seen, function (Line $now): void {
            $now->deleted_at = Carbon::now();
        });
    }

    /** What is changed has to be passed anew, or only made again, as its keys say. */
    private static function opened(Line $line, bool $hasOtherPicture): void
    {
        $changes = array_column(Finishes::keys()->changed((array) $line->getOriginal('wanted'), $line->wanted), 'change');
        if ($hasOtherPicture) {
            $line->settled = null; // what was said of another picture isn't said of this one
        }
        if ($hasOtherPicture || in_array(KeyChange::Opens, $changes, true)) {
            self::open($line);
        } elseif ($line->state === LineState::Made && in_array(KeyChange::Remakes, $changes, true)) {
            Moves::one($line, LineState::Passed);
        }
    }

    private static function open(Line $line): void
    {
        Moves::one($line, LineState::Open);
        $line->passed_with = null;
    }

    /**
     * What is wanted as core writes it, so that only what core understands is stored.
     *
     * @param  LineForm  $wanted
     * @return LineForm
     *
     * @throws OrderFileError
     */
    public static function typed(array $wanted): array
    {
        return LineReader::read(JsonNode::root($wanted, Studio::current()->unit))->toArray();
    }

    /**
     * Puts pictures at places, and takes them away.
     *
     * @param  array<int, mixed>  $names  by place; null takes away
     * @return bool whether any place has another picture now
     */
    private static function choose(Line $line, array $names): bool
    {
        $isOther = false;
        if ($names === []) {
            return false;
        }
        foreach ($names as $place => $name) {
            $picture = $name === null ? null : self::named($line, $name);
            if ($line->pictureAt($place)?->id === $picture?->id) {
                continue;
            }
            $isOther = true;
            $picture === null
                ? $line->pictures()->where('place', $place)->delete()
                : $line->pictures()->updateOrCreate(['place' => $place], ['order_picture_id' => $picture->id]);
            $line->wanted = array_diff_key($line->wanted, ['window' => true]); // another picture, another window
        }
        $line->unsetRelation('pictures');

        return $isOther;
    }

    /** Takes away the pictures of places that are there no more. */
    private static function leave(Line $line): bool
    {
        $places = count($line->line()->pictures());
        if ($line->pictures->every(fn (LinePicture $at): bool => $at->place < $places)) {
            return false;
        }
        $left = $line->pictures()->where('place', '>=', $places)->delete();
        $line->unsetRelation('pictures');

        return $left > 0;
    }

    private static function named(Line $line, mixed $name): OrderPicture
    {
        if (! is_string($name)) {
            throw new OrderFileError(
                'picture',
                get_debug_type($name),
                'the name of a picture of this order',
                'Choose a picture by its name.',
            );
        }

        return OrderPicture::query()
            ->where(['order_id' => $line->order_id, 'name' => $name])
            ->first() ??
            throw new OrderFileError('picture', "“{$name}”", 'a picture of this order', "This order has no picture “{$name}”.");
    }
}
