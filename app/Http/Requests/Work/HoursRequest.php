<?php

declare(strict_types=1);

namespace App\Http\Requests\Work;

use App\Http\Requests\House\ShopRequest;
use App\Models\People\Person;
use App\Rules\Day;
use App\Rules\Typed;
use Illuminate\Auth\Access\AuthorizationException;

final class HoursRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'hours' => [
                'required',
                Typed::duration(
                    1440,
                    'A day has 24 hours. Write at most 24, or spread the work over its days.',
                    zero: false,
                ),
            ],
            'worked_on' => [
                'required',
                Day::untilToday(
                    $this->clock(), $this->house()->zone(),
                    'That day has not come yet. Hours are entered after they were worked.',
                ),
            ],
            'sure' => ['nullable', 'boolean'],
            'version' => ['nullable', 'integer'],
            'person_id' => ['nullable', 'integer', 'exists:people,id'],
        ];
    }

    /**
     * Whose hours: the asker's own, unless the manager enters them for somebody else.
     *
     * @throws AuthorizationException if a maker enters another's
     */
    public function worker(): Person
    {
        $id = $this->filled('person_id') ? $this->integer('person_id') : $this->person()->id;
        if ($id !== $this->person()->id && ! $this->person()->isManager()) {
            throw new AuthorizationException('Only the manager enters hours for somebody else.');
        }

        return Person::query()->findOrFail($id);
    }
}
