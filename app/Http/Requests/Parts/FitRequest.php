<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\ManagerRequest;
use App\Models\Build\KitLine;
use App\Rules\Typed;
use Illuminate\Validation\Rule;

/** A part that is wrong is fitted as it is. */
final class FitRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'line' => ['required', 'integer', Rule::exists('kit_lines', 'id')], 'quantity' => ['required', Typed::quantity()]];
    }

    public function line(): KitLine
    {
        return KitLine::query()->with('build')->findOrFail($this->integer('line'));
    }
}
