<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Http\Requests\ManagerRequest;
use App\Support\Picture;
use Illuminate\Http\UploadedFile;

/** A picture that came with an enquiry. */
final class PictureRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['photograph' => ['required', 'file', 'max:'.Picture::MOST_KILOBYTES], 'caption' => ['nullable', 'string', 'max:200']];
    }

    public function photograph(): UploadedFile
    {
        $file = $this->file('photograph');

        return $file instanceof UploadedFile ? $file : abort(422);
    }
}
