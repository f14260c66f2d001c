<?php

declare(strict_types=1);

namespace App\Http\Requests\Jigs;

use App\Http\Requests\House\ShopRequest;
use App\Models\Build\Build;
use Illuminate\Validation\Rule;

/** A tool for a single use: its name, and where it lies. */
final class OnceRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:60'], 'place' => ['nullable', 'string', 'max:60'], 'build' => ['nullable', 'integer', Rule::exists('builds', 'number')]];
    }

    public function build(): ?Build
    {
        return $this->filled('build') ? Build::query()->where('number', $this->integer('build'))->firstOrFail() : null;
    }
}
