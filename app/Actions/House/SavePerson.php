<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Actions\Plan\Changes\Kinds\LearnSkill;
use App\Actions\Plan\MakeChange;
use App\Actions\Recording;
use App\Models\House\Feed;
use App\Models\People\Person;
use App\Models\People\Role;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Route\Standards\Skill;

/** Takes somebody in, or changes what they can do, when they work and whether they can sign in. */
final readonly class SavePerson
{
    public function __construct(private Recording $recording, private MakeChange $makeChange, private Clock $clock)
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
                $ends = isset($attributes['password']) || ($person->active && ($attributes['active'] ?? true) === false);
                $person->update([
                    ...$attributes, 'version' => $version + 1, 'sign_in_epoch' => $person->sign_in_epoch + ($ends ? 1 : 0),
                ]);
                if ($ends) {
                    $this->endFeeds($person);
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
            $this->recording->log(null, $by, 'house', "{$person->name}: skills, hours or sign-in saved.");
            $skills === []
                ? $this->recording->planAnew("{$person->name} changed")
                : $this->makeChange->make($by, $skills);
        });
    }

    /** What they subscribed to, and what was given of them, is read no longer. */
    private function endFeeds(Person $person): void
    {
        Feed::query()->whereNull('revoked_at')
            ->where(static fn ($feeds) => $feeds->where('person_id', $person->id)->orWhere('given_by', $person->id))
            ->update(['revoked_at' => $this->clock->now()]);
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
