<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\Line;
use App\Models\MadeFile;
use App\Models\Make;
use App\States\ForbiddenMove;
use App\States\Moves;
use App\States\Tables;
use PHPUnit\Framework\Attributes\DataProvider;
use Planisher\Parcel\ParcelState;
use Planisher\State\FileState;
use Planisher\State\LineState;
use Planisher\State\SetState;
use Planisher\State\State;

/** Lines, files, sets and parcels go where they may, and nowhere else. */
final class StatesTest extends TestCase
{
    /** @return iterable<string, array{class-string<State>}> */
    public static function kinds(): iterable
    {
        foreach ([LineState::class, FileState::class, SetState::class, ParcelState::class] as $kind) {
            yield $kind => [$kind];
        }
    }

    /** @param  class-string<State>  $kind */
    #[DataProvider('kinds')]
    public function test_each_state_is_come_to_by_a_move(string $kind): void
    {
        $reached = [$kind::cases()[0]];
        foreach ($kind::cases() as $state) {
            foreach ($state->moves() as $when => $to) {
                self::assertNotSame('', $when);
                $reached[] = $to;
            }
        }
        foreach ($kind::cases() as $state) {
            self::assertContains($state, $reached);
            self::assertNotSame('', $state->meaning());
        }
    }

    public function test_one_goes_where_it_may_and_stays_where_it_is(): void
    {
        $line = new Line(['state' => LineState::Open]);
        Moves::one($line, LineState::Open);
        self::assertSame(LineState::Open, $line->state);
        Moves::one($line, LineState::Passed);
        self::assertSame(LineState::Passed, $line->state);
        $this->expectExceptionObject(ForbiddenMove::between(FileState::Stopped, FileState::Made));
        Moves::one(new MadeFile(['state' => FileState::Stopped]), FileState::Made);
    }

    public function test_many_are_moved_only_from_where_they_may_be(): void
    {
        self::assertSame(0, Moves::all(Make::query(), [SetState::Running], SetState::Paused));
        $this->expectException(ForbiddenMove::class);
        Moves::all(MadeFile::query(), [FileState::Failed, FileState::Stopped], FileState::Making);
    }

    public function test_the_tables_of_the_docs_are_those_of_the_code(): void
    {
        self::assertSame(Tables::text(), file_get_contents(base_path('docs/states.md')), 'npm run states');
    }
}
