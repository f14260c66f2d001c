<?php

declare(strict_types=1);

namespace App\Models\People;

use App\Models\ShopModel;
use Illuminate\Auth\Authenticatable;
use Illuminate\Contracts\Auth\Access\Authorizable as AuthorizableContract;
use Illuminate\Contracts\Auth\Authenticatable as AuthenticatableContract;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\Access\Authorizable;

/**
 * Someone who works in the shop; with an address and a password they can also sign in.
 *
 * @property int $sign_in_epoch  which sign-ins count: those of another number have ended
 * @property Role $role
 * @property string|null $gentle_on  the day on which they are given nothing that cannot be undone
 * @property list<string> $skills
 * @property array<int, list<array{int, int}>>|null $hours
 * @property array<string, int> $speeds  in percent of the house standard, by skill
 */
class Person extends ShopModel implements AuthenticatableContract, AuthorizableContract
{
    use Authenticatable, Authorizable;

    protected $hidden = ['password', 'remember_token', 'code_secret', 'recovery_codes', 'bench_code'];

    protected $casts = [
        'role' => Role::class, 'skills' => 'array', 'hours' => 'array', 'speeds' => 'array', 'active' => 'boolean',
        'password' => 'hashed', 'bench_code' => 'hashed',
    ];

    public function isManager(): bool
    {
        return $this->role === Role::Manager;
    }

    public function canSignIn(): bool
    {
        return $this->active !== false && $this->email !== null && $this->password !== null;
    }

    /** @return HasMany<DayOff, $this> days and parts of days on which they are not at the bench */
    public function daysOff(): HasMany
    {
        return $this->hasMany(DayOff::class);
    }

    /** @return HasMany<Overtime, $this> */
    public function overtimes(): HasMany
    {
        return $this->hasMany(Overtime::class);
    }
}
