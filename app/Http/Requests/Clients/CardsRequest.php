<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Http\Requests\ManagerRequest;
use Regimen\Formats\Cards\Card;
use Regimen\Formats\Cards\Cards;
use Regimen\Units\UnreadableFile;

/** An address book as vCards. */
final class CardsRequest extends ManagerRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:20000']];
    }

    /**
     * @return list<Card>
     *
     * @throws UnreadableFile
     */
    public function cards(): array
    {
        return Cards::read((string) $this->file('file')?->getContent());
    }
}
