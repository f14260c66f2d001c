<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Http\Requests\ManagerRequest;
use App\Models\People\Person;
use App\Models\People\Role;
use App\Rules\NewPassword;
use App\Rules\Typed;
use Illuminate\Validation\Rule;
use Regimen\Route\Standards\Skill;
use Regimen\Schedule\Time\HoursText;

final class PersonRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $person = $this->route('person');
        $id = $person instanceof Person ? $person->id : null;

        return [
            'version' => ['nullable', 'integer'],
            'name' => ['required', 'string', 'max:60', Rule::unique('people', 'name')->ignore($id)],
            'email' => ['nullable', 'email', 'max:120', Rule::unique('people', 'email')->ignore($id)],
            'password' => ['nullable', new NewPassword],
            'role' => ['required', Rule::enum(Role::class)],
            'skills' => ['array'],
            'skills.*' => [Rule::enum(Skill::class)],
            'speeds' => ['array'],
            'speeds.*' => ['nullable', 'integer', 'between:25,400'],
            'rate' => ['nullable', Typed::money($this->house()->shop()->currency)],
            'active' => ['required', 'boolean'],
            'own_hours' => ['required', 'boolean'],
            'hours' => ['array:1,2,3,4,5,6,7'],
            'hours.*' => ['nullable', Typed::hours()],
        ];
    }

    /** @return array<string, mixed> */
    public function attributesToSave(): array
    {
        return [
            'name' => trim($this->string('name')->toString()),
            'email' => $this->filled('email') ? mb_strtolower($this->string('email')->toString()) : null,
            'role' => $this->enum('role', Role::class),
            'skills' => array_values((array) $this->input('skills', [])),
            'speeds' => $this->speeds(),
            'rate_minor' => $this->money('rate')?->minor,
            'active' => $this->boolean('active'),
            'hours' => $this->boolean('own_hours') ? self::week((array) $this->input('hours', [])) : null,
            ...$this->filled('password') ? ['password' => $this->string('password')->toString()] : [],
        ];
    }

    /** @return array<string, int> what differs from the house standard, for skills that they have */
    private function speeds(): array
    {
        $typed = array_intersect_key(
            (array) $this->input('speeds', []), array_flip((array) $this->input('skills', [])),
        );

        return array_filter(
            array_map(
                intval(...),
                array_filter($typed, static fn (mixed $speed): bool => $speed !== null && $speed !== ''),
            ),
            static fn (int $speed): bool => $speed !== 100,
        );
    }

    /**
     * @param  array<mixed>  $typed
     * @return array<int, list<array{int, int}>>
     */
    public static function week(array $typed): array
    {
        $week = [];
        foreach ($typed as $day => $hours) {
            $stretches = HoursText::parse((string) $hours);
            if ($stretches !== []) {
                $week[(int) $day] = $stretches;
            }
        }

        return $week;
    }
}
