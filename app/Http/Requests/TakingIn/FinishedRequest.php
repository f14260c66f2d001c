<?php

declare(strict_types=1);

namespace App\Http\Requests\TakingIn;

use App\Http\Requests\ManagerRequest;
use Illuminate\Validation\Rule;
use Regimen\Formats\CsvTable;
use Regimen\Formats\Finished\FinishedInstrument;
use Regimen\Formats\Finished\FinishedTable;
use Regimen\Units\UnreadableFile;

/** A table of finished instruments, and what its columns are. */
final class FinishedRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'file' => ['required', 'file', 'max:2000'],
            'columns' => ['nullable', 'array', 'max:100'],
            'columns.*' => ['nullable', 'distinct', Rule::in(array_keys(FinishedTable::meanings()))],
            'day_first' => ['nullable', 'boolean'],
            'model_id' => ['nullable', 'integer', 'exists:house_models,id'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => 'Choose a table first.',
            'file.max' => 'The file is larger than 2 MB; a table of instruments is not.',
            'columns.*.distinct' => 'Two columns cannot mean the same.',
        ];
    }

    /** @throws UnreadableFile */
    public function table(): CsvTable
    {
        return CsvTable::read((string) $this->file('file')?->getContent());
    }

    /**
     * @return list<FinishedInstrument>
     *
     * @throws UnreadableFile
     */
    public function finished(): array
    {
        $columns = [];
        foreach ($this->array('columns') as $index => $meaning) {
            if (is_string($meaning) && $meaning !== '') {
                $columns[$meaning] = (int) $index;
            }
        }

        return FinishedTable::read(
            $this->table(), $columns, new \DateTimeImmutable($this->clock()->today($this->house()->zone())),
            $this->boolean('day_first'),
        );
    }

    public function model(): ?int
    {
        return $this->filled('model_id') ? $this->integer('model_id') : null;
    }
}
