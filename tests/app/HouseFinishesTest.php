<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\HouseFinish;

final class HouseFinishesTest extends TestCase
{
    public function test_is_kept_from_a_line_and_given_to_many(): void
    {
        $line = $this->line('8 x 10 in', ['border' => '1 in', 'keyline' => ['width' => '1 mm'], 'copies' => 5]);
        $this->getJson("/api/lines/{$line->id}/choices")
            ->assertOk()
            ->assertJsonPath('choices.border', "a white border of 1\u{2009}in")
            ->assertJsonPath('choices.size', '8 × 10 in');
        $id = $this->postJson('/api/house-finishes', ['name' => 'White border', 'line' => $line->id, 'choices' => ['border', 'keyline']])
            ->assertCreated()
            ->json('id');
        $others = [$this->line('4 x 6 in'), $this->line('4 x 6 in')];
        $stale = ['id' => $others[1]->id, 'version' => 99];
        $this->postJson("/api/orders/{$this->order->id}/house-finishes/{$id}", [
            'lines' => [['id' => $others[0]->id, 'version' => 1], $stale],
        ])
            ->assertOk()
            ->assertJson(['leftOut' => [], 'missed' => ['Line 3 was changed in another window meanwhile; it was left as it is.']]);
        self::assertSame(
            ['1 in', '4 x 6 in', 1],
            [$others[0]->fresh()?->wanted['border'], $others[0]->fresh()?->wanted['size'], $others[0]->fresh()?->wanted['copies']],
        );
        self::assertArrayNotHasKey('border', $others[1]->fresh()->wanted ?? []);
    }

    public function test_what_the_lab_does_not_have_is_said_and_the_rest_given(): void
    {
        $line = $this->line('8 x 10 in', ['size' => '9 x 9 in', 'border' => '1 in']);
        $id = $this->postJson('/api/house-finishes', ['name' => 'Square', 'line' => $line->id, 'choices' => ['size', 'border']])
            ->assertCreated()
            ->json('id');
        $other = $this->line('4 x 6 in');
        $this->postJson("/api/orders/{$this->order->id}/house-finishes/{$id}", ['lines' => [['id' => $other->id, 'version' => 1]]])
            ->assertOk()
            ->assertJson(['leftOut' => ['the size 9 × 9 in']]);
        self::assertSame(['4 x 6 in', '1 in'], [$other->fresh()?->wanted['size'], $other->fresh()?->wanted['border']]);
    }

    public function test_is_renamed_cut_down_and_removed(): void
    {
        $line = $this->line('8 x 10 in', ['border' => '1 in']);
        $make = fn (string $name, array $choices) => $this->postJson('/api/house-finishes', [
            'name' => $name,
            'line' => $line->id,
            'choices' => $choices,
        ]);
        $id = $make('One', ['border', 'fit', 'frame'])
            ->assertCreated()
            ->json('id');
        $make('One', ['border'])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'There is a house finish of this name already.');
        $make('Two', [])->assertUnprocessable();
        $make('Two', ['banana'])->assertUnprocessable();
        $this->patchJson("/api/house-finishes/{$id}", ['name' => 'Uno', 'choices' => ['border']])
            ->assertOk()
            ->assertJson(['name' => 'Uno', 'choices' => ['border' => "a white border of 1\u{2009}in"]]);
        $this->patchJson("/api/house-finishes/{$id}", ['choices' => ['ppi']])->assertUnprocessable();
        $this->getJson('/api/house-finishes')->assertJsonCount(1, 'finishes');
        $this->deleteJson("/api/house-finishes/{$id}")->assertNoContent();
        self::assertSame(0, HouseFinish::query()->count());
    }
}
