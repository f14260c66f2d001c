<?php

declare(strict_types=1);

namespace App\Http\Requests\Setback;

use App\Http\Requests\ManagerRequest;

/** Where a piece lies in stock, or why it is written off. */
final class PieceRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'place' => ['nullable', 'string', 'max:80', 'required_without:because'],
            'because' => ['nullable', 'string', 'max:300'],
        ];
    }
}
