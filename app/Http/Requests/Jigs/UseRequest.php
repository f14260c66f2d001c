<?php

declare(strict_types=1);

namespace App\Http\Requests\Jigs;

use App\Http\Requests\House\ShopRequest;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use Illuminate\Validation\Rule;

/** On which build a template was used. */
final class UseRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'build' => ['required', 'integer', Rule::exists('builds', 'number')->where('status', BuildStatus::Open->value)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['build.exists' => 'That build is not in the making.', 'build.required' => 'Say on which build.'];
    }

    public function build(): Build
    {
        return Build::query()->where('number', $this->integer('build'))->firstOrFail();
    }
}
