<?php

declare(strict_types=1);

namespace App\Http\Requests\Stores;

use App\Planning\Stores\Cutting;

/** Boards are cut as they are marked. */
final class CutRequest extends CuttingRequest
{
    public function authorize(): bool
    {
        return parent::authorize() && $this->person()->isManager();
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            ...parent::rules(), 'boards' => ['required', 'array', 'min:1', 'max:'.Cutting::MOST_BOARDS], 'at' => ['required', 'array', 'min:1', 'max:'.(2 * Cutting::MOST_NEEDS)],
            'versions' => ['required', 'array', 'max:'.Cutting::MOST_BOARDS], 'versions.*' => ['integer'], 'because' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...parent::messages(), 'at.required' => 'Nothing is laid onto these boards, so that there is nothing to cut.', 'boards.required' => 'Choose a board first.'];
    }

    /** @return array<int, int> of the boards as they were seen */
    public function versions(): array
    {
        $versions = [];
        foreach ((array) $this->input('versions', []) as $board => $version) {
            $versions[(int) $board] = is_numeric($version) ? (int) $version : 0;
        }

        return $versions;
    }
}
