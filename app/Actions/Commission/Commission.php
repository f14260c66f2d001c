<?php

declare(strict_types=1);

namespace App\Actions\Commission;

use App\Models\Build\Purpose;
use Regimen\Schedule\Problem\Promise;
use Regimen\Units\Money;

/** What is agreed about a new build. */
final readonly class Commission
{
    /**
     * @param  array<string, mixed>  $specification  as it was typed, over the house model
     * @param  int|null  $number  that it has already; the next one when null
     * @param  array<string, mixed>|null  $house  what stands where the client says nothing, as it was quoted; as the house has it now when null
     */
    public function __construct(
        public Purpose $purpose,
        public string $title,
        public string $client,
        public string $contact,
        public array $specification,
        public ?Money $price,
        public ?Money $deposit,
        public ?string $promisedOn,
        public ?int $model = null,
        public Promise $promise = Promise::Promised,
        public ?int $number = null,
        public ?array $house = null,
    ) {
    }
}
