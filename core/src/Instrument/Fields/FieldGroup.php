<?php

declare(strict_types=1);

namespace Regimen\Instrument\Fields;

/** Fields that belong together on the page. */
final readonly class FieldGroup
{
    /** @param  list<Field>  $fields */
    public function __construct(public string $key, public string $name, public array $fields)
    {
    }
}
