<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Http\Requests\ManagerRequest;
use App\Http\Requests\Specification\TypedSpecification;
use App\Planning\Specification\Revisions;
use Illuminate\Validation\Validator;
use Regimen\Instrument\Reading\SpecificationReader;

/** A specification in the making, for an enquiry. */
final class SketchRequest extends ManagerRequest
{
    use TypedSpecification;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'], 'specification' => ['present', 'array'], 'model_id' => ['nullable', 'integer', 'exists:house_models,id'], 'version' => ['nullable', 'integer'],
        ];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            foreach (SpecificationReader::read($this->typed(), app(Revisions::class)->house($this->typed(), $this->model()))->problems as $field => $problem) {
                $validator->errors()->add("specification.{$field}", $problem);
            }
        }];
    }
}
