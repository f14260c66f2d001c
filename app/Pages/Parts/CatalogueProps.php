<?php

declare(strict_types=1);

namespace App\Pages\Parts;

use App\Pages\Page;
use App\Pages\Shop\Option;

final readonly class CatalogueProps extends Page
{
    public const COMPONENT = 'stores/Catalogue';

    /**
     * @param  list<PartInCatalogue>  $parts
     * @param  list<Option>  $groups
     * @param  list<Option>  $prices  in whose place a part can be fitted
     * @param  list<string>  $units
     */
    public function __construct(public string $headline, public array $parts, public string $find, public int $more, public array $groups, public array $prices, public array $units, public ?string $value)
    {
    }
}
