<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\House\ShopRequest;
use App\Models\Parts\Part;
use App\Planning\Parts\PartFigures;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A figure of a part, as measured or as its data sheet says. */
final class FigureRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['field' => ['required', Rule::in($this->part()->group->figures())], 'kind' => ['required', Rule::in(['measured', 'sheet'])], 'value' => ['nullable', 'string', 'max:60']];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            $wrong = $this->filled('value') ? PartFigures::problem($this->part()->group, [$this->string('field')->toString() => $this->string('value')->toString()]) : null;
            $wrong === null || $validator->errors()->add('value', $wrong);
        }];
    }

    private function part(): Part
    {
        $part = $this->route('part');

        return $part instanceof Part ? $part : abort(404);
    }
}
