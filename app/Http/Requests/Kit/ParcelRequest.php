<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Http\Requests\House\ShopRequest;

/** Several lines of kits, with the versions that were seen. */
class ParcelRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['lines' => ['required', 'array', 'min:1', 'max:200'], 'lines.*' => ['required', 'integer']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['lines.required' => 'Choose at least one part first.'];
    }

    /** @return array<int, int> by the numbers of the lines */
    public function versions(): array
    {
        $versions = [];
        foreach ((array) $this->input('lines', []) as $line => $version) {
            $versions[(int) $line] = is_numeric($version) ? (int) $version : 0;
        }

        return $versions;
    }
}
