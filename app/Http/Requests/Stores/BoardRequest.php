<?php

declare(strict_types=1);

namespace App\Http\Requests\Stores;

use App\Http\Requests\ManagerRequest;
use App\Rules\Day;
use App\Rules\Typed;
use App\Rules\TypedLength;
use Illuminate\Validation\Rule;
use InvalidArgumentException;
use Regimen\Instrument\Fretboard\TimberCut;
use Regimen\Timber\BoardFeet;
use Regimen\Timber\Species;
use Regimen\Units\Length;
use Regimen\Units\Money;

/** A board as it was bought. */
final class BoardRequest extends ManagerRequest
{
    use ReadsMoisture;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'species' => ['required', Rule::in(Species::names())],
            'length' => ['required', new TypedLength(100, 8_000)], 'width' => ['required', new TypedLength(20, 1_500)], 'thickness' => ['required', new TypedLength(2, 300)],
            'pieces' => ['nullable', 'integer', 'min:1', 'max:50'],
            'cost' => ['required', Typed::money($this->house()->shop()->currency)],
            'cut' => ['required', Rule::enum(TimberCut::class)],
            'bought_on' => ['nullable', Day::untilToday($this->clock(), $this->house()->zone(), 'That day is still to come.')],
            ...array_fill_keys(['supplier', 'place', 'figure', 'origin', 'papers'], ['nullable', 'string', 'max:80']),
            'note' => ['nullable', 'string', 'max:1000'],
            ...$this->moistureRules(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['cost.required' => 'A lot without its cost makes every instrument of it look cheap. Write 0 for one that was free.', 'pieces' => 'A whole number of boards from 1 to 50.'];
    }

    /** A length may be said in board feet: it follows from width and thickness (CALCULATIONS T4). */
    protected function prepareForValidation(): void
    {
        parent::prepareForValidation();
        if (preg_match('/^\s*(\d+(?:[.,]\d+)?)\s*(?:bd\.?\s*ft\.?|board\s+f(?:ee|oo)t|bf)\s*$/i', $this->string('length')->toString(), $found) === 1) {
            try {
                $length = BoardFeet::lengthOf((float) str_replace(',', '.', $found[1]), $this->measure('thickness'), $this->measure('width'));
                $this->merge(['length' => round($length->mm, 1).' mm']);
            } catch (InvalidArgumentException) {
                // Width or thickness are told to be wrong at their own fields.
                $this->merge(['length' => '']);
            }
        }
    }

    public function measure(string $field): Length
    {
        return Length::parse($this->string($field)->toString());
    }

    public function cost(): Money
    {
        return $this->money('cost') ?? Money::zero($this->house()->shop()->currency);
    }

    public function pieces(): int
    {
        return $this->filled('pieces') ? $this->integer('pieces') : 1;
    }

    /** @return array<string, mixed> */
    public function bought(): array
    {
        $text = fn (string $field): string => trim($this->string($field)->toString());

        return [
            'species' => $text('species'), 'cut' => $text('cut'), 'supplier' => $text('supplier'), 'place' => $text('place'),
            'figure' => $text('figure'), 'origin' => $text('origin'), 'papers' => $text('papers'), 'note' => $text('note'),
            'bought_on' => $text('bought_on') === '' ? $this->clock()->today($this->house()->zone()) : $text('bought_on'),
        ];
    }
}
