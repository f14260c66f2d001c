<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\House\ShopRequest;
use Illuminate\Http\UploadedFile;

final class PhotographRequest extends ShopRequest
{
    public const MOST_KILOBYTES = 15_000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['photograph' => ['required', 'file', 'max:'.self::MOST_KILOBYTES], 'caption' => ['nullable', 'string', 'max:200']];
    }

    public function photograph(): UploadedFile
    {
        $file = $this->file('photograph');

        return $file instanceof UploadedFile ? $file : abort(422);
    }
}
