<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\House\ShopRequest;
use App\Models\Parts\Part;
use App\Rules\Typed;
use Illuminate\Validation\Rule;

/** A kit takes a part out of stock. */
final class FromStockRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'part' => ['required', 'integer', Rule::exists('parts', 'id')->whereNull('gone_at')], 'quantity' => ['required', Typed::quantity()]];
    }

    public function part(): Part
    {
        return Part::query()->findOrFail($this->integer('part'));
    }
}
