<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\Plan\Changes\AskedField;
use App\Actions\Plan\Changes\AskedFor;
use App\Actions\Plan\Changes\Asking;
use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\Choices;
use App\Actions\Plan\Changes\InPlan;
use App\Actions\Plan\Changes\Lapses;
use App\Actions\Plan\Changes\OfPerson;
use App\Actions\Plan\Changes\OfShop;
use App\Actions\Plan\Changes\Tools;
use App\Models\People\Person;
use App\Support\Refused;
use Illuminate\Validation\Rule;
use Regimen\Route\Standards\Skill;

/** Somebody takes on a skill, or leaves it to others. */
final readonly class LearnSkill implements AskedFor, Lapses
{
    use InPlan, OfPerson, OfShop;

    public function __construct(private int $person, private Skill $skill, private bool $isLeft = false)
    {
    }

    public static function kind(): string
    {
        return 'skill';
    }

    public static function heading(): string
    {
        return 'somebody takes on a skill';
    }

    public static function fields(Asking $asking): array
    {
        return [
            $asking->person(),
            AskedField::of('skill', 'skill', 'required', Rule::enum(Skill::class))
                ->chosen('Skill', Choices::skills(...)),
            AskedField::of('left', 'whether it is left', 'nullable', 'in:1'),
        ];
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self($body->whole('person'), Skill::from($body->text('skill')), $body->text('left') === '1');
    }

    public function body(): array
    {
        return [
            'kind' => self::kind(), 'person' => $this->person, 'skill' => $this->skill->value,
            'left' => $this->isLeft ? '1' : '',
        ];
    }

    public function words(): string
    {
        return "{$this->person()->name} ".($this->isLeft ? 'no longer does' : 'also does')." {$this->skill->value}.";
    }

    public function make(?Person $by): self
    {
        $person = $this->personHere();
        $skill = $this->skill->value;
        if (in_array($skill, $person->skills, true) !== $this->isLeft) {
            throw Refused::because(
                "{$person->name} ".($this->isLeft ? 'does not do that.' : 'does that already.'),
                'skill',
            );
        }
        $skills = $this->isLeft ? array_values(array_diff($person->skills, [$skill])) : [...$person->skills, $skill];
        $person->update(['skills' => $skills, 'version' => $person->version + 1]);

        return new self($this->person, $this->skill, ! $this->isLeft);
    }

    public function lapsed(): ?string
    {
        $person = $this->person();

        return in_array($this->skill->value, $person->skills, true) === $this->isLeft
            ? null
            : "What {$person->name} can do was changed since.";
    }
}
