<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\House\ShopRequest;
use App\Support\Picture;
use Illuminate\Http\UploadedFile;

final class InstructionRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'text' => ['required', 'string', 'max:2000'], 'seen' => ['required', 'integer', 'min:0', 'max:999999'],
            'photograph' => ['nullable', 'file', 'max:'.Picture::MOST_KILOBYTES],
        ];
    }

    public function photograph(): ?UploadedFile
    {
        $file = $this->file('photograph');

        return $file instanceof UploadedFile ? $file : null;
    }
}
