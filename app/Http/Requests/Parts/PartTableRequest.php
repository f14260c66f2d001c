<?php

declare(strict_types=1);

namespace App\Http\Requests\Parts;

use App\Http\Requests\ManagerRequest;
use Regimen\Formats\Stores\PartRow;
use Regimen\Formats\Stores\PartTable;
use Regimen\Units\UnreadableFile;

/** A table of parts. */
final class PartTableRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:2000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.required' => 'Choose a table first.', 'file.max' => 'The file is larger than 2 MB; a table of parts is not.'];
    }

    /**
     * @return list<PartRow>
     *
     * @throws UnreadableFile
     */
    public function parts(): array
    {
        return PartTable::read((string) $this->file('file')?->getContent(), $this->house()->shop()->currency);
    }
}
