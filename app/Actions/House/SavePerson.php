<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Actions\Plan\MakeChange;
use App\Actions\Recording;
use App\Models\People\Person;
use App\Models\People\Role;
use App\Support\Refused;

/** Takes somebody in, or changes what they can do, when they work and whether they can sign in. */
final readonly class SavePerson
{
    public function __construct(private Recording $recording, private MakeChange $makeChange)
    {
    }

    /** @param  array<string, mixed>  $attributes */
    public function __invoke(Person $by, ?Person $person, int $version, array $attributes): void
    {
        $this->recording->keep(function () use ($by, $person, $version, $attributes): void {
            $skills = [];
            if ($person === null) {
                $person = Person::query()->create($attributes);
            } else {
                $person->refresh();
                Refused::ifStale($person->version, $version, $person->name);
                $skills = self::skills($person, $attributes['skills'] ?? $person->skills);
                unset($attributes['skills']);
                $person->update([...$attributes, 'version' => $version + 1]);
            }
            if (! Person::query()->where(
                'role', Role::Manager->value,
            )->where('active', true)->whereNotNull('password')->exists()) {
                throw Refused::because(
                    'Somebody has to be able to manage the shop: keep one active manager who can sign in.',
                    'role',
                );
            }
            $this->recording->log(null, $by, 'house', "{$person->name}: skills, hours or sign-in saved.");
            $skills === []
                ? $this->recording->planAnew("{$person->name} changed")
                : $this->makeChange->make($by, $skills);
        });
    }

    /**
     * @param  list<string>  $wanted
     * @return list<array<string, mixed>> what they take on and leave, as changes
     */
    private static function skills(Person $person, array $wanted): array
    {
        $change = static fn (string $left): \Closure => static fn (string $skill): array => [
            'kind' => 'skill', 'person' => $person->id, 'skill' => $skill, 'left' => $left,
        ];

        return [
            ...array_map($change(''), array_values(array_diff($wanted, $person->skills))),
            ...array_map($change('1'), array_values(array_diff($person->skills, $wanted))),
        ];
    }
}
