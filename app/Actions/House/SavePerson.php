<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Actions\Account\EndAccess;
use App\Actions\Plan\Changes\Kinds\LearnSkill;
use App\Actions\Plan\MakeChange;
use App\Actions\Recording;
use App\Models\People\Person;
use App\Models\People\Role;
use App\Support\Audit;
use App\Support\Refused;
use Regimen\Route\Standards\Skill;

/** Takes somebody in, or changes what they can do, when they work and whether they can sign in. */
final readonly class SavePerson
{
    private const RIGHTS = ['role', 'active', 'email'];

    public function __construct(private Recording $recording, private MakeChange $makeChange, private EndAccess $endAccess, private Audit $audit)
    {
    }

    /** @param  array<string, mixed>  $attributes */
    public function __invoke(Person $by, ?Person $person, int $version, array $attributes): void
    {
        $this->recording->keep(function () use ($by, $person, $version, $attributes): void {
            $this->mustBeFree($person, $attributes);
            $skills = [];
            $before = $person?->only(self::RIGHTS) ?? [];
            if ($person === null) {
                $person = Person::query()->create($attributes);
            } else {
                Refused::ifStale($person->version, $version, $person->name);
                $skills = self::skills($person, $attributes['skills'] ?? $person->skills);
                unset($attributes['skills']);
                $ends = isset($attributes['password']) || ($person->active && ($attributes['active'] ?? true) === false);
                $person->update([
                    ...$attributes, 'version' => $version + 1, 'sign_in_epoch' => $person->sign_in_epoch + ($ends ? 1 : 0),
                ]);
                if ($ends) {
                    ($this->endAccess)($person);
                }
            }
            if (! Person::query()->where(
                'role', Role::Manager->value,
            )->where('active', true)->whereNotNull('password')->exists()) {
                throw Refused::because(
                    'Somebody has to be able to manage the shop: keep one active manager who can sign in.',
                    'role',
                );
            }
            $this->auditRights($by, $person, $before, isset($attributes['password']));
            $this->recording->log(null, $by, 'house', "{$person->name}: skills, hours or sign-in saved.");
            $skills === []
                ? $this->recording->planAnew("{$person->name} changed")
                : $this->makeChange->make($by, $skills);
        });
    }

    /** @param  array<string, mixed>  $attributes */
    private function mustBeFree(?Person $person, array $attributes): void
    {
        foreach (['name', 'email'] as $field) {
            $wanted = $attributes[$field] ?? null;
            Refused::ifThere(
                $wanted !== null && Person::query()->where($field, $wanted)->whereKeyNot($person->id ?? 0)->exists(),
                'That is taken already. Choose another.', $field,
            );
        }
    }

    /** @param  array<string, mixed>  $before  what they could do until now; empty for somebody new */
    private function auditRights(Person $by, Person $person, array $before, bool $newPassword): void
    {
        $changed = array_filter(
            self::RIGHTS, static fn (string $right): bool => ($before[$right] ?? null) != $person->getAttribute($right),
        );
        if ($changed !== [] || $newPassword) {
            $this->audit->write(
                'rights',
                "{$person->name}: {$person->role->value}, ".($person->active ? 'works here' : 'has left').', '
                    .($person->email === null ? 'does not sign in' : "signs in as {$person->email}")
                    .($newPassword ? ', with a new password.' : '.'),
                $by,
            );
        }
    }

    /**
     * @param  list<string>  $wanted
     * @return list<LearnSkill> what they take on and leave
     */
    private static function skills(Person $person, array $wanted): array
    {
        $change = static fn (bool $isLeft): \Closure => static fn (string $skill): LearnSkill => new LearnSkill(
            $person->id, Skill::from($skill), $isLeft,
        );

        return [
            ...array_map($change(false), array_values(array_diff($wanted, $person->skills))),
            ...array_map($change(true), array_values(array_diff($person->skills, $wanted))),
        ];
    }
}
