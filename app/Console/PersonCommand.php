<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\User;
use App\People\PasswordLink;
use App\People\Sessions;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** People from the console, for whoever can't sign in any more: listed, added, given a link to choose a password by, signed out. */
final class PersonCommand extends Command
{
    protected $signature = 'planisher:person
        {act=list : list, add, link, or sign-out}
        {email? : whose}
        {name? : of somebody who is added}';

    protected $description = 'List the studio’s people, add one, or give one a link to choose a password by';

    public function handle(): int
    {
        [$act, $email, $name] = array_map(fn (string $of): string => is_string($this->argument($of)) ? $this->argument($of) : '', [
            'act',
            'email',
            'name',
        ]);
        $email = User::spelled($email);

        return match ($act) {
            'list' => $this->listed(),
            'add' => $this->added($email, trim($name)),
            'link' => $this->with($email, fn (User $person) => $this->linked($person)),
            'sign-out' => $this->with($email, function (User $person): void {
                Sessions::end($person);
                $this->info("{$person->name} is signed out everywhere.");
            }),
            default => $this->wrong("“{$act}” is nothing it can do: list, add, link or sign-out."),
        };
    }

    private function listed(): int
    {
        $people = User::all()->sortBy('name');
        $people->each(fn (User $person) => $this->line("{$person->name} <{$person->email}>"));
        $people->isEmpty() && $this->line('Nobody is here yet. Open the first page in a browser.');

        return self::SUCCESS;
    }

    private function added(string $email, string $name): int
    {
        if (filter_var($email, FILTER_VALIDATE_EMAIL) === false || $name === '') {
            return $this->wrong('Give an e-mail and a name: bin/planisher person add wren@studio.example "Wren Halloway".');
        }
        if (User::query()->where('email', $email)->exists()) {
            return $this->wrong("{$email} is in the studio already. For a new password: bin/planisher person link {$email}.");
        }
        $this->linked(User::query()->create(['name' => $name, 'email' => $email, 'password' => Str::random(60)]));

        return self::SUCCESS;
    }

    private function linked(User $person): void
    {
        $this->line("{$person->name} chooses a password here, once, within three days:");
        $this->line(PasswordLink::for($person));
    }

    /** @param  callable(User): void  $do */
    private function with(string $email, callable $do): int
    {
        $person = User::query()->where('email', $email)->first();
        if ($person === null) {
            return $this->wrong("Nobody here has the e-mail “{$email}”. bin/planisher person list tells who is.");
        }
        $do($person);

        return self::SUCCESS;
    }

    private function wrong(string $why): int
    {
        $this->error($why);

        return self::INVALID;
    }
}
