<?php

declare(strict_types=1);

namespace App\Http\Requests\Jigs;

use App\Http\Requests\ManagerRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Validator;

/** A drawing or a machine’s file; it is kept as it came and never run. */
final class FileRequest extends ManagerRequest
{
    private const ENDS = ['svg', 'dxf', 'nc', 'gcode', 'tap', 'txt', 'pdf'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:2048']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.required' => 'Choose a file.', 'file.max' => 'A file of a template has 2 MB at the most.'];
    }

    /** @return list<callable(Validator): void> */
    protected function afterValid(): array
    {
        return [function (Validator $validator): void {
            if (! in_array(strtolower(pathinfo($this->name(), PATHINFO_EXTENSION)), self::ENDS, true)) {
                $validator->errors()->add('file', 'Files that end in '.implode(', ', self::ENDS).' are kept here.');
            } elseif ($this->upload()->getSize() === 0) {
                $validator->errors()->add('file', 'That file is empty.');
            }
        }];
    }

    public function upload(): UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file : abort(422);
    }

    /** Without a path, and with nothing but what any file system takes. */
    public function name(): string
    {
        return mb_substr(trim((string) preg_replace('/[^\p{L}\p{N}._ -]+/u', '-', basename($this->upload()->getClientOriginalName()))), 0, 80);
    }
}
