<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\Line;
use App\Models\Studio;
use App\Models\User;
use App\People\PasswordLink;
use Illuminate\Mail\Mailer;
use Illuminate\Mail\Transport\ArrayTransport;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use Illuminate\Testing\TestResponse;
use Planisher\State\LineState;

/** The studio, and the people in it. */
final class StudioTest extends TestCase
{
    private const FIRST = [
        'studio' => 'Fenn & Daughter',
        'name' => 'Ada Fenn',
        'email' => 'ada@fenn.example',
        'password' => 'rain on slate',
        'unit' => 'cm',
    ];

    private function choose(string $link, string $password): TestResponse
    {
        parse_str((string) parse_url($link, PHP_URL_FRAGMENT), $named);

        return $this->postJson('/api/choose-password', ['password' => $password] + $named);
    }

    private function signOut(): void
    {
        Auth::forgetGuards();
    }

    public function test_an_empty_instance_is_opened_once(): void
    {
        $this->signOut();
        $this->postJson('/api/first', self::FIRST)->assertConflict();
        User::query()->delete();
        self::assertTrue($this->getJson('/api/me')->json('isNew'));
        $errors = $this->postJson('/api/first', ['password' => 'rain', 'unit' => 'ell', 'email' => 'ada'])
            ->assertUnprocessable()
            ->json('errors');
        self::assertSame(['studio', 'name', 'email', 'password', 'unit'], array_keys($errors));
        self::assertStringContainsString('12 letters', $errors['password'][0]);
        $this->postJson('/api/first', self::FIRST)
            ->assertCreated()
            ->assertJson(['user' => ['name' => 'Ada Fenn'], 'studio' => ['unit' => 'cm']]);
        $this->postJson('/api/first', ['email' => 'b@fenn.example'] + self::FIRST)->assertConflict();
        self::assertSame(1, User::query()->count());
    }

    public function test_somebody_is_added_by_a_link_that_is_good_once(): void
    {
        $link = $this->postJson('/api/people', ['name' => 'Ida Moss', 'email' => 'IDA@halloway.example'])
            ->assertCreated()
            ->json('link');
        $this->postJson('/api/people', ['name' => 'Ida', 'email' => 'ida@halloway.example'])->assertUnprocessable();
        $this->signOut();
        self::assertStringContainsString('12 letters', $this->choose($link, 'rain')->assertUnprocessable()->json('message'));
        $this->choose($link, 'rain on slate')->assertNoContent();
        self::assertTrue(Hash::check('rain on slate', User::query()->where('email', 'ida@halloway.example')->firstOrFail()->password));
        self::assertStringContainsString('used already', $this->choose($link, 'other words here')->assertUnprocessable()->json('message'));
        $late = PasswordLink::for($this->wren);
        $this->travel(73)->hours();
        $this->choose($late, 'other words here')->assertUnprocessable();
        $this->travelBack();
        $this->choose(str_replace('token=', 'token=0', PasswordLink::for($this->wren)), 'other words here')->assertUnprocessable();
    }

    public function test_the_link_is_mailed_where_mail_is_set(): void
    {
        self::assertFalse($this->postJson('/api/people', ['name' => 'Ida', 'email' => 'ida@halloway.example'])->json('wasMailed'));
        config(['mail.default' => 'smtp', 'mail.mailers.smtp' => ['transport' => 'array']]);
        Mail::forgetMailers();
        $id = User::query()->where('email', 'ida@halloway.example')->firstOrFail()->id;
        $answer = $this->postJson("/api/people/{$id}/link")->assertOk();
        self::assertTrue($answer->json('wasMailed'));
        $mailer = Mail::mailer('smtp');
        self::assertInstanceOf(Mailer::class, $mailer);
        $transport = $mailer->getSymfonyTransport();
        self::assertInstanceOf(ArrayTransport::class, $transport);
        self::assertStringContainsString($answer->json('link'), (string) $transport->messages()[0]->getOriginalMessage()->getTextBody());
        config(['mail.mailers.smtp' => ['transport' => 'smtp', 'host' => '127.0.0.1', 'port' => 9, 'timeout' => 1]]);
        Mail::forgetMailers();
        self::assertFalse(
            $this->postJson("/api/people/{$id}/link")
                ->assertOk()
                ->json('wasMailed'),
            'a server that is away loses no link',
        );
    }

    public function test_who_is_removed_is_out_and_the_last_one_stays(): void
    {
        $ida = User::query()->create(['name' => 'Ida Moss', 'email' => 'ida@halloway.example', 'password' => 'rain on slate']);
        DB::table('sessions')->insert(['id' => 'idas', 'user_id' => $ida->id, 'payload' => '', 'last_activity' => time()]);
        $this->postJson("/api/people/{$ida->id}/sign-out")->assertNoContent();
        self::assertSame(0, DB::table('sessions')->where('user_id', $ida->id)->count());
        $this->deleteJson("/api/people/{$ida->id}")->assertNoContent();
        self::assertStringContainsString(
            'the last one here',
            $this->deleteJson("/api/people/{$this->wren->id}")
                ->assertUnprocessable()
                ->json('message'),
        );
    }

    public function test_ones_own_password(): void
    {
        $this->putJson('/api/me/password', ['current' => 'wrong words', 'password' => 'rain on slate'])->assertUnprocessable();
        $this->putJson('/api/me/password', ['current' => 'copper-and-paper', 'password' => 'rain'])->assertUnprocessable();
        $this->putJson('/api/me/password', ['current' => 'copper-and-paper', 'password' => 'rain on slate'])->assertNoContent();
        self::assertTrue(Hash::check('rain on slate', (string) $this->wren->fresh()?->password));
    }

    public function test_the_console_gives_a_link(): void
    {
        $run = fn (string ...$arguments): string => Artisan::call('planisher:person', $arguments).' '.Artisan::output();
        self::assertStringContainsString('wren@halloway.example', $run(act: 'list'));
        self::assertStringContainsString('/choose-password#', $run(act: 'link', email: 'wren@halloway.example'));
        self::assertStringStartsWith('2 ', $run(act: 'link', email: 'nobody@x.example'));
        self::assertStringStartsWith('2 ', $run(act: 'add', email: 'x'));
        self::assertStringContainsString('/choose-password#', $run(act: 'add', email: 'ida@halloway.example', name: 'Ida Moss'));
    }

    public function test_what_has_no_unit_is_in_the_studios_and_what_has_one_stands(): void
    {
        $this->patchJson('/api/studio', ['name' => 'Wren Halloway', 'unit' => 'cm'])->assertOk();
        $this->app?->forgetScopedInstances();
        self::assertSame('20 x 30 cm', $this->line('20 x 30')->wanted['size']);
        self::assertSame('8 x 10 in', $this->line('8 x 10 in')->wanted['size']);
        $line = $this->line('20 x 30', ['border' => '1']);
        self::assertSame('1 cm', $line->wanted['border']);
        self::assertSame('A4', $this->line('A4')->wanted['size']);
    }

    public function test_new_lines_begin_as_the_studio_usually_does(): void
    {
        $this->line();
        $this->patchJson('/api/studio', [
            'usual' => [
                'name' => ['parts' => ['order', 'number']],
                'output' => ['format' => 'tiff', 'sharpen' => ['strength' => 'gentle']],
            ],
        ])->assertOk();
        $this->app?->forgetScopedInstances();
        $this->line('8 x 10 in');
        $names = array_column($this->getJson("/api/orders/{$this->order->id}")->json('lines'), 'fileName');
        self::assertSame(['isholm-rowing-club_4x6_dawn-boat_1.jpg', '2611-01_2.tif'], $names);
        $this->patchJson('/api/studio', ['usual' => ['name' => ['parts' => ['nonsense']]]])->assertUnprocessable();
    }

    public function test_folders_that_cannot_be(): void
    {
        $apart = sys_get_temp_dir().'/planisher-folder-'.bin2hex(random_bytes(4));
        File::ensureDirectoryExists("{$apart}/prints");
        try {
            $says = fn (array $change): string => $this->patchJson('/api/studio', $change)->assertUnprocessable()->json('message');
            self::assertStringContainsString('isn’t there', $says(['picturesFolder' => '/nowhere/at/all']));
            self::assertStringContainsString('whole path', $says(['exportFolder' => 'prints']));
            foreach ([storage_path('app'), base_path('var'), base_path()] as $ours) {
                self::assertStringContainsString('Planisher’s own', $says(['exportFolder' => $ours]));
                self::assertStringContainsString('Planisher’s own', $says(['picturesFolder' => $ours]));
            }
            foreach (['/', '/etc', '/proc', '/proc/self', '/usr/share', '/var', '/home', "{$apart}/../../etc"] as $systems) {
                self::assertStringContainsString('is the system’s', $says(['exportFolder' => $systems]));
                self::assertStringContainsString('is the system’s', $says(['picturesFolder' => $systems]));
            }
            $this->patchJson('/api/studio', ['exportFolder' => "{$apart}/prints"])->assertOk();
            $this->app?->forgetScopedInstances();
            self::assertStringContainsString('two folders apart', $says(['picturesFolder' => $apart]));
            // made files go there, too
            $this->pass($this->line())->assertOk();
            $this->postJson("/api/orders/{$this->order->id}/make")->assertCreated();
            $made = File::allFiles("{$apart}/prints");
            self::assertCount(1, $made);
            self::assertSame(LineState::Made, Line::query()->firstOrFail()->state);
            self::assertSame(
                hash_file('sha256', $made[0]->getPathname()),
                $this->getJson("/api/orders/{$this->order->id}/make")->json('makes.0.files.0.sha256'),
            );
        } finally {
            File::deleteDirectory($apart);
        }
    }

    public function test_the_studio_is_told_to_those_who_are_in_it(): void
    {
        Studio::query()->create(['name' => 'Wren Halloway’s studio', 'unit' => 'cm']);
        $this->app?->forgetScopedInstances();
        $this->getJson('/api/me')->assertJson(['studio' => ['name' => 'Wren Halloway’s studio', 'unit' => 'cm']]);
        $this->signOut();
        self::assertNull($this->getJson('/api/me')->json('studio'));
    }
}
