<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Http\Requests\ManagerRequest;
use App\Models\House\Shop;
use Closure;
use Illuminate\Validation\Rule;

final class CopiesRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'folder' => ['nullable', 'string', 'max:250', $this->canBeWritten(...)],
            'sealed' => ['required', 'boolean'],
            'passphrase' => [
                Rule::requiredIf($this->boolean('sealed') && Shop::current()->backup_key === null), 'nullable', 'string', 'min:12',
                'max:200',
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'passphrase.required' => 'Write the passphrase that copies are to be sealed with.',
            'passphrase.min' => 'A passphrase has 12 characters at least: a few words are easily kept in mind.',
        ];
    }

    private function canBeWritten(string $attribute, mixed $value, Closure $fail): void
    {
        $folder = is_string($value) ? $value : '';
        if (! str_starts_with($folder, '/')) {
            $fail('Write the whole path of the folder, for example /media/second-disk/regimen.');
        } elseif (! is_dir($folder) || ! self::takesFiles($folder)) {
            $fail('This folder is not there, or nothing can be written into it. Make it first.');
        } elseif (str_starts_with((string) realpath($folder), public_path())) {
            $fail('This folder is open to everybody on the network. Choose another one.');
        }
    }

    /** Tried, since permissions alone do not say it of a share or a disk that is full. */
    private static function takesFiles(string $folder): bool
    {
        $tried = rtrim($folder, '/').'/.regimen-'.bin2hex(random_bytes(6));
        $written = @file_put_contents($tried, 'regimen') === 7;

        return @unlink($tried) && $written;
    }

    public function folder(): string
    {
        return rtrim($this->string('folder')->toString(), '/');
    }

    /** Null: as it is; empty: no longer sealed. */
    public function passphrase(): ?string
    {
        $typed = $this->string('passphrase')->toString();

        return $this->boolean('sealed') ? ($typed === '' ? null : $typed) : '';
    }
}
