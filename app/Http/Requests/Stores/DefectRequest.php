<?php

declare(strict_types=1);

namespace App\Http\Requests\Stores;

use App\Http\Requests\House\ShopRequest;
use App\Rules\TypedLength;
use Illuminate\Validation\Rule;
use Regimen\Stores\DefectKind;
use Regimen\Units\Length;

/** A knot, a split, run-out or sapwood, where it lies on the face. */
final class DefectRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(DefectKind::class)],
            'from' => ['required', new TypedLength(0, 8_000)], 'across' => ['required', new TypedLength(0, 1_500)],
            'long' => ['required', new TypedLength(1, 8_000)], 'wide' => ['required', new TypedLength(1, 1_500)],
        ];
    }

    public function kind(): DefectKind
    {
        return DefectKind::from($this->string('kind')->toString());
    }

    public function measure(string $field): Length
    {
        return Length::parse($this->string($field)->toString());
    }
}
