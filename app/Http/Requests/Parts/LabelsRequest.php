<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\House\ShopRequest;

/** Which labels are to be printed. */
final class LabelsRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['labels' => ['required', 'array', 'min:1', 'max:240'], 'labels.*' => ['required', 'string', 'max:90']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['labels.required' => 'Choose at least one label first.', 'labels.max' => 'At most 240 labels at once: ten sheets.'];
    }

    /** @return list<string> */
    public function named(): array
    {
        return array_values(array_filter((array) $this->input('labels', []), is_string(...)));
    }
}
