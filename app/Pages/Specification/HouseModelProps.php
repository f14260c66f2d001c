<?php

declare(strict_types=1);

namespace App\Pages\Specification;

use App\Pages\Dict;
use App\Pages\Page;
use App\Pages\Worked\FieldGroup;
use App\Pages\Worked\Worked;

final readonly class HouseModelProps extends Page
{
    public const COMPONENT = 'specification/HouseModel';

    /**
     * @param  Dict<string|list<array<string, string>>>  $client
     * @param  list<FieldGroup>  $fields
     */
    public function __construct(
        public ?HouseModelHead $model,
        public string $name,
        public Dict $client,
        public array $fields,
        public Worked $worked,
    ) {
    }
}
