<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password
 */
class User extends Authenticatable
{
    protected $guarded = [];

    protected $hidden = ['password', 'remember_token'];

    /** The one way an e-mail is spelled here: composed (Unicode NFC), in lower case. */
    public static function spelled(string $email): string
    {
        return mb_strtolower(trim(\Normalizer::normalize($email, \Normalizer::FORM_C) ?: $email), 'UTF-8');
    }

    protected function email(): Attribute
    {
        return Attribute::set(self::spelled(...));
    }

    protected function casts(): array
    {
        return ['password' => 'hashed'];
    }
}
