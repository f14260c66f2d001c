<?php

declare(strict_types=1);

namespace App\Http\Requests\Stores;

use App\Http\Requests\House\ShopRequest;
use App\Support\Picture;
use Illuminate\Http\UploadedFile;

/** A photograph of a board. */
final class BoardPhotographRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['photograph' => ['required', 'file', 'max:'.Picture::MOST_KILOBYTES], 'caption' => ['nullable', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['photograph.required' => 'Choose a photograph first.', 'photograph.max' => 'That photograph has more than 20 MB. Take it smaller.'];
    }

    public function photograph(): UploadedFile
    {
        $file = $this->file('photograph');

        return $file instanceof UploadedFile ? $file : abort(422);
    }
}
