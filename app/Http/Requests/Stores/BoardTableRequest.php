<?php

declare(strict_types=1);

namespace App\Http\Requests\Stores;

use App\Http\Requests\ManagerRequest;
use Regimen\Formats\Boards\BoardRow;
use Regimen\Formats\Boards\BoardTable;
use Regimen\Units\UnreadableFile;

/** A table of boards. */
final class BoardTableRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:2000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.required' => 'Choose a table first.', 'file.max' => 'The file is larger than 2 MB; a table of boards is not.'];
    }

    /**
     * @return list<BoardRow>
     *
     * @throws UnreadableFile
     */
    public function boards(): array
    {
        return BoardTable::read(
            (string) $this->file('file')?->getContent(), $this->house()->shop()->currency, new \DateTimeImmutable($this->clock()->today($this->house()->zone())),
        );
    }
}
