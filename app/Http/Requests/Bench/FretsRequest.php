<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\House\ShopRequest;
use Illuminate\Validation\Validator;

/** Heights of all frets over a straight line, in mm, one after the other. */
final class FretsRequest extends ShopRequest
{
    private const MOST_MM = 2.0;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['heights' => ['required', 'string', 'max:600']];
    }

    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            foreach ($this->parts() as $at => $part) {
                if (preg_match('/^[-+]?\d+(?:[.]\d+)?$/', $part) !== 1 || abs((float) $part) > self::MOST_MM) {
                    $validator->errors()->add('heights', 'Fret '.($at + 1).': “'.mb_strimwidth($part, 0, 20, '…').'” is no height of a fret. Write hundredths of a millimetre like 0.02, with spaces between.');

                    return;
                }
            }
        }];
    }

    /** @return list<string> */
    private function parts(): array
    {
        return preg_split('/[\s;]+/', trim(str_replace(',', '.', $this->string('heights')->toString())), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /** @return list<float> */
    public function heights(): array
    {
        return array_map(floatval(...), $this->parts());
    }
}
