<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\House\ShopRequest;
use App\Models\Parts\Part;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Regimen\Inspection\AsMeasured;
use Regimen\Instrument\Reading\FieldReader;
use Regimen\Units\InvalidQuantity;

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
            $field = AsMeasured::field($this->part()->group->path($this->string('field')->toString()));
            try {
                $this->filled('value') && $field !== null && FieldReader::read($field, $this->string('value')->toString());
            } catch (InvalidQuantity $wrong) {
                $validator->errors()->add('value', $wrong->getMessage());
            }
        }];
    }

    private function part(): Part
    {
        $part = $this->route('part');

        return $part instanceof Part ? $part : abort(404);
    }
}
