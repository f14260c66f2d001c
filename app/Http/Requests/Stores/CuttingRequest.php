<?php

declare(strict_types=1);

namespace App\Http\Requests\Stores;

use App\Http\Requests\House\ShopRequest;
use App\Planning\Stores\Cutting;
use App\Planning\Stores\CuttingAsked;

/** Which boards are cut, for what, and where the pieces lie where somebody has laid them. */
class CuttingRequest extends ShopRequest
{
    /** A place: need, board, from its end and its edge in mm, and how it lies. */
    private const PLACE = '/^[0-9]{1,9}:[a-z]+\.[0-9]{1,2}\|[0-9]{1,9}\|-?[0-9]{1,5}(\.[0-9])?\|-?[0-9]{1,5}(\.[0-9])?\|(along|half|across)$/';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'boards' => ['sometimes', 'array', 'max:'.Cutting::MOST_BOARDS], 'boards.*' => ['integer', 'min:1', 'max:999999999'],
            'needs' => ['sometimes', 'array', 'max:'.Cutting::MOST_NEEDS], 'needs.*' => ['string', 'regex:/^[0-9]{1,9}:[a-z]+\.[0-9]{1,2}$/'],
            'at' => ['sometimes', 'array', 'max:'.(2 * Cutting::MOST_NEEDS)], 'at.*' => ['string', 'regex:'.self::PLACE],
            'turned' => ['sometimes', 'boolean'], 'none' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'boards.max' => 'So many boards are not cut in one go: '.Cutting::MOST_BOARDS.' at the most.',
            'needs.max' => 'So many pieces are not cut in one go: '.Cutting::MOST_NEEDS.' at the most.',
            'at.*.regex' => 'A place is written in millimetres from the end and from the edge, with one decimal at the most.',
        ];
    }

    public function asked(): CuttingAsked
    {
        return new CuttingAsked(
            array_values(array_unique(array_map(intval(...), array_filter((array) $this->input('boards', []), is_numeric(...))))),
            $this->boolean('none') ? [] : ($this->has('needs') ? $this->words('needs') : null), $this->has('at') ? $this->words('at') : null, $this->boolean('turned'),
        );
    }

    /** @return list<string> */
    private function words(string $field): array
    {
        return array_values(array_filter((array) $this->input($field, []), is_string(...)));
    }
}
