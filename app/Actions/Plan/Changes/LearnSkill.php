<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\People\Person;
use App\Support\Refused;

/** Somebody takes on a skill, or leaves it to others. */
final readonly class LearnSkill implements Change, Lapses
{
    public function __construct(private Body $body)
    {
    }

    public function words(): string
    {
        return "{$this->person()->name} ".($this->isLeft() ? 'no longer does' : 'also does')
            ." {$this->body->text('skill')}.";
    }

    public function make(?Person $by): array
    {
        $person = $this->person();
        $skill = $this->body->text('skill');
        if (in_array($skill, $person->skills, true) !== $this->isLeft()) {
            throw Refused::because(
                "{$person->name} ".($this->isLeft() ? 'does not do that.' : 'does that already.'),
                'skill',
            );
        }
        $skills = $this->isLeft() ? array_values(array_diff($person->skills, [$skill])) : [...$person->skills, $skill];
        $person->update(['skills' => $skills, 'version' => $person->version + 1]);

        return ['kind' => 'skill', 'person' => $person->id, 'skill' => $skill, 'left' => $this->isLeft() ? '' : '1'];
    }

    public function lapsed(): ?string
    {
        $person = $this->person();

        return in_array($this->body->text('skill'), $person->skills, true) === $this->isLeft()
            ? null
            : "What {$person->name} can do was changed since.";
    }

    public function build(): ?Build
    {
        return null;
    }

    private function isLeft(): bool
    {
        return $this->body->text('left') === '1';
    }

    private function person(): Person
    {
        return Person::query()->findOrFail($this->body->whole('person'));
    }
}
