<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** E-mails are spelled one way when they are stored, and found by that spelling alone: an accent is another letter. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (DB::table('users')->get(['id', 'email']) as $user) {
            DB::table('users')
                ->where('id', $user->id)
                ->update(['email' => User::spelled($user->email)]);
        }
        Schema::table('users', function (Blueprint $table): void {
            $table->string('email')->collation('utf8mb4_bin')->change();
        });
        DB::table('users')->update(['remember_token' => null]); // what was signed in for good ends here
        DB::table('sessions')->delete();
    }
};
