<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\House\ShopRequest;
use App\Models\Build\Build;
use App\Rules\Typed;
use Illuminate\Validation\Rule;

/** Something is used out of stock. */
final class StockUseRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['quantity' => ['required', Typed::quantity()], 'build' => ['nullable', 'integer', Rule::exists('builds', 'number')->where('status', 'open')], 'because' => ['nullable', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['build.exists' => 'That build is not in the making.'];
    }

    public function build(): ?Build
    {
        return $this->filled('build') ? Build::query()->where('number', $this->integer('build'))->first() : null;
    }
}
