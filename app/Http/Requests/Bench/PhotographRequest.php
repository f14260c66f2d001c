<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\House\ShopRequest;
use App\Support\Picture;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

final class PhotographRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['photograph' => ['required', 'file', 'max:'.Picture::MOST_KILOBYTES], 'caption' => ['nullable', 'string', 'max:200'], 'gate' => ['nullable', 'boolean'],
            'setback' => ['nullable', 'integer', Rule::exists('setbacks', 'id')]];
    }

    public function photograph(): UploadedFile
    {
        $file = $this->file('photograph');

        return $file instanceof UploadedFile ? $file : abort(422);
    }
}
