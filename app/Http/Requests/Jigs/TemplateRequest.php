<?php

declare(strict_types=1);

namespace App\Http\Requests\Jigs;

use App\Http\Requests\House\ShopRequest;
use App\Models\Build\Build;
use App\Models\Jigs\Bit;
use Illuminate\Validation\Rule;
use Regimen\Jigs\TemplateShape;

/** A template that was made, or what is known of one. */
final class TemplateRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $isNew = $this->route('template') === null;

        return [
            'version' => [$isNew ? 'nullable' : 'required', 'integer'], 'name' => ['required', 'string', 'max:60'], 'made_of' => ['nullable', 'string', 'max:60'], 'place' => ['nullable', 'string', 'max:60'],
            'bit' => ['nullable', 'integer', Rule::exists('bits', 'id')],
            'shape' => [$isNew ? 'required' : 'nullable', Rule::enum(TemplateShape::class)], 'build' => [$isNew ? 'required' : 'nullable', 'integer', Rule::exists('builds', 'number')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['shape.required' => 'Say what it is the shape of; a tool without one is noted for a single use.', 'build.required' => 'Say after which build it was made.', 'name.required' => 'Give it the name that is written on it.'];
    }

    public function shape(): TemplateShape
    {
        return TemplateShape::from($this->string('shape')->toString());
    }

    public function build(): Build
    {
        return Build::query()->where('number', $this->integer('build'))->firstOrFail();
    }

    public function bit(): ?Bit
    {
        return $this->filled('bit') ? Bit::query()->findOrFail($this->integer('bit')) : null;
    }

    public function words(string $field): string
    {
        return trim($this->string($field)->toString());
    }
}
