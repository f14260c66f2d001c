<?php

declare(strict_types=1);

namespace App\Pages\Enquiries;

use App\Pages\Build\ModelName;
use App\Pages\Dict;
use App\Pages\Page;
use App\Pages\Shop\Option;
use App\Pages\Worked\FieldGroup;

final readonly class SketchProps extends Page
{
    public const COMPONENT = 'clients/Sketch';

    /**
     * @param  int|null  $id  null for a new one
     * @param  list<Option>  $wishesToAsk  what a player may say of how they play
     * @param  Dict<string|list<array<string, string>>>  $typed
     * @param  list<FieldGroup>  $fields
     * @param  list<ModelName>  $models
     */
    public function __construct(
        public ?int $id,
        public int $version,
        public int $enquiry,
        public string $client,
        public string $wishes,
        public string $name,
        public string $model,
        public array $wishesToAsk,
        public Dict $typed,
        public array $fields,
        public array $models,
        public string $currency,
    ) {
    }
}
