<?php

declare(strict_types=1);

namespace App\Pages\Build;

use App\Pages\Dict;
use App\Pages\Page;
use App\Pages\Shop\Option;
use App\Pages\Worked\FieldGroup;

final readonly class NewCommissionProps extends Page
{
    public const COMPONENT = 'build/NewCommission';

    /**
     * @param  list<FieldGroup>  $fields
     * @param  list<ModelName>  $models
     * @param  list<string>  $clients
     * @param  list<Option>  $promiseKinds
     * @param  int|null  $again  the number of the build that is made once more
     * @param  Dict<string|list<array<string, string>>>  $specification  what is typed already
     */
    public function __construct(
        public bool $takesIn,
        public int $nextNumber,
        public array $fields,
        public array $models,
        public array $clients,
        public string $client,
        public string $currency,
        public int $depositPercent,
        public string $today,
        public array $promiseKinds,
        public ?int $again,
        public string $againWords,
        public Dict $specification,
    ) {
    }
}
